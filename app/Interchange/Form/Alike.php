<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\PlanFile\Document;

/** Fittings that are made alike, such as a level pair or the holes of handles: what is set for one holds for the others. */
final readonly class Alike
{
    private const SHARED = ['kind', 'radius_mm', 'depth_mm', 'from', 'fix'];

    /** @param list<int> $others */
    public function __construct(private int $one, private array $others) {}

    /**
     * @return array<string, callable(array<string, mixed>): array<string, mixed>> by what was changed of the one: sets it for the others
     */
    public function reshapings(): array
    {
        $reshapings = [];
        foreach ($this->others === [] ? [] : self::SHARED as $key) {
            $reshapings["/purpose/fittings/{$this->one}/{$key}"] = function (array $document) use ($key): array {
                /** @var array<string, mixed> $document */
                $value = Document::value($document, "/purpose/fittings/{$this->one}/{$key}");
                foreach ($this->others as $other) {
                    $at = "/purpose/fittings/{$other}/{$key}";
                    $document = $value === null ? Document::without($document, $at) : Document::with($document, $at, $value);
                }

                return $document;
            };
        }

        return $reshapings;
    }
}
