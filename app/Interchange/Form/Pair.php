<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\PlanFile\Document;

/** A level pair of fittings: what is set for the one holds for the other. */
final readonly class Pair
{
    private const SHARED = ['kind', 'radius_mm', 'depth_mm', 'from', 'fix'];

    public function __construct(private int $one, private int $other) {}

    /** @return array<string, callable(array<string, mixed>): array<string, mixed>> by what was changed of the one: sets it for the other */
    public function reshapings(): array
    {
        $reshapings = [];
        foreach (self::SHARED as $key) {
            $reshapings["/purpose/fittings/{$this->one}/{$key}"] = function (array $document) use ($key): array {
                /** @var array<string, mixed> $document */
                $value = Document::value($document, "/purpose/fittings/{$this->one}/{$key}");
                $at = "/purpose/fittings/{$this->other}/{$key}";

                return $value === null ? Document::without($document, $at) : Document::with($document, $at, $value);
            };
        }

        return $reshapings;
    }
}
