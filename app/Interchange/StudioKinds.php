<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Models\Finding;
use App\Models\Studio;
use Illuminate\Support\Collection;
use Pensilis\Material\Kind;
use Pensilis\Material\Kinds;

/** The library of materials as one studio knows it: its own findings go before the starting values, the latest last. */
final readonly class StudioKinds
{
    public const OWN = 'Own kinds';

    /**
     * @param array<string, Kind>                    $kinds
     * @param array<string, non-empty-list<Finding>> $findings by kind, the latest first
     */
    private function __construct(public array $kinds, public array $findings) {}

    public static function of(Studio $studio): self
    {
        $kinds = Kinds::all();
        $findings = [];
        /** @var Collection<int, Finding> $all */
        $all = $studio->findings()->orderBy('found_on')->orderBy('id')->get();
        foreach ($all as $finding) {
            $kinds[$finding->kind] = self::amended($kinds, $finding);
            $findings[$finding->kind] = [$finding, ...$findings[$finding->kind] ?? []];
        }

        return new self($kinds, $findings);
    }

    /** A kind as one more finding would make it. */
    public function with(Finding $finding): Kind
    {
        return self::amended($this->kinds, $finding);
    }

    /** @return array<string, non-empty-list<Kind>> by group */
    public function byGroup(): array
    {
        $groups = [];
        foreach ($this->kinds as $kind) {
            $groups[$kind->group][] = $kind;
        }

        return $groups;
    }

    /** @param array<string, Kind> $kinds */
    private static function amended(array $kinds, Finding $finding): Kind
    {
        return ($kinds[$finding->kind] ?? self::unheardOf($finding))->amended(
            $finding->figures,
            $finding->sealing,
            $finding->colour,
            'own test, ' . $finding->found_on->format('j M Y'),
        );
    }

    private static function unheardOf(Finding $finding): Kind
    {
        // A plant's cell wall where nothing is said: most own kinds are plants.
        return new Kind($finding->kind, $finding->name, self::OWN, [$finding->figures['skeleton'] ?? 1.5, 0.0, 0.0, 0.0, null, ''], 'as its like', 'as its like', 'not known yet', 'own test');
    }
}
