<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Interchange\PlanFile\PlanFile;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Layout\Amount;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Quantity\Volume;

/** A pour's depth said as an amount of mix: "120 ml", "1.5 fl oz", "90 g" are as deep as that stands in this vessel, on what is below. */
final readonly class DepthOfAmount
{
    private const DEPTH = '#^/pours/(\d+)/depth_mm$#';

    /**
     * @param array<string, mixed> $document
     *
     * @return float|null mm; null where it is no pour's depth, no amount, or the piece makes no plan
     */
    public static function read(array $document, string $pointer, string $text): ?float
    {
        // A bare number is a depth.
        if (preg_match(self::DEPTH, $pointer, $match) !== 1 || preg_match('/\pL/u', $text) !== 1) {
            return null;
        }
        try {
            $plan = PlanFile::plan($document);
            $millilitres = self::millilitres($text, 1e-3 * $plan->resin()->density);
        } catch (PlanRefused|UnreadableQuantity) {
            return null;
        }
        $bottom = 0.0;
        for ($k = 0; $k < (int) $match[1]; $k++) {
            $deep = Document::value($document, "/pours/{$k}/depth_mm");
            $bottom += is_numeric($deep) ? 1e-3 * $deep : 0.0;
        }

        return $millilitres <= 0.0 ? null : round(1e3 * (new Amount($plan))->depthOn($bottom, 1e-6 * $millilitres), 2);
    }

    /** @throws UnreadableQuantity */
    private static function millilitres(string $text, float $density): float
    {
        try {
            return Volume::parse($text, UnitSystem::Metric)->ml();
        } catch (UnreadableQuantity) {
            return Mass::parse($text, UnitSystem::Metric)->g() / $density;
        }
    }
}
