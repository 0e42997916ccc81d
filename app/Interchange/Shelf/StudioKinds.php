<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use App\Models\Finding;
use App\Models\Studio;
use Illuminate\Support\Collection;
use Pensilis\Material\Drying;
use Pensilis\Material\Kind;
use Pensilis\Material\Kinds;

/** The library of materials as one studio knows it: its own findings go before the starting values, the latest last. */
final readonly class StudioKinds
{
    private const OWN = 'own';

    /** A plant's cell wall, g/cm³ (memory): most own kinds are plants. */
    private const CELL_WALL = 1.5;

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

    /**
     * As they are offered: those used last, one's own, then all by group.
     *
     * @param list<string> $used keys, the latest first
     *
     * @return array<string, list<Kind>> by group
     */
    public function offered(array $used): array
    {
        $groups = $this->byGroup();
        $first = array_values(array_filter(array_map(fn(string $key): ?Kind => $this->kinds[$key] ?? null, $used)));

        return array_filter(['used' => $first, self::OWN => $groups[self::OWN] ?? []]) + $groups;
    }

    /** @param array<string, Kind> $kinds */
    private static function amended(array $kinds, Finding $finding): Kind
    {
        return ($kinds[$finding->kind] ?? self::unheardOf($finding))->amended(
            $finding->figures,
            $finding->sealing,
            $finding->colour,
            __('materials.own-test', ['day' => $finding->found_on->format('j M Y')]),
        );
    }

    private static function unheardOf(Finding $finding): Kind
    {
        return new Kind(
            $finding->kind,
            self::OWN,
            [$finding->figures['skeleton'] ?? self::CELL_WALL, 0.0, 0.0, 0.0, null, ''],
            [Drying::None],
            '',
            $finding->name,
        );
    }
}
