<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Reference;
use App\Words\Words;
use Pensilis\Colour\Shade;
use Pensilis\Quantity\Figure;

/** A reference picture with its shades, each beside the colour at hand that looks most like it. */
final readonly class ReferenceView
{
    /** @param array<string, array<string, mixed>> $palette colours at hand */
    public function __construct(public Reference $reference, private array $palette) {}

    /** @return list<array{string, string}> shade, and what is said of it */
    public function shades(): array
    {
        return array_map(function (array $one): array {
            [$shade, $share] = $one;
            $says = Words::say('reference.share', ['share' => Figure::fixed(100.0 * $share, 0) . ' %']);
            $like = $this->nearest(Shade::hex($shade));

            return [$shade, $like === null ? $says : "{$says}; " . Words::say('reference.like', ['colour' => $like[0], 'off' => $like[1]])];
        }, $this->reference->shades);
    }

    /** @return array{string, string}|null the colour that is nearest, and how far */
    private function nearest(Shade $shade): ?array
    {
        $least = null;
        foreach ($this->palette as $colour) {
            [$name, $hex] = [$colour['name'] ?? null, $colour['shade'] ?? null];
            if (!is_string($name) || !is_string($hex)) {
                continue;
            }
            $far = Shade::hex($hex)->differenceFrom($shade);
            if ($least === null || $far < $least[1]) {
                $least = [$name, $far];
            }
        }

        return $least === null ? null : [$least[0], Figure::fixed($least[1], 0)];
    }
}
