<?php

declare(strict_types=1);

namespace Pensilis\Material;

/**
 * A kind of thing that is cast in: what it is made of, how it is dried, and where the values come from. Its own name, sealing and look
 * are said by who found them out; else they are those of the library (lang/en/kinds.php).
 */
final readonly class Kind
{
    /** Density of a usual resin, to say whether a kind floats; kg/m³ (memory). */
    private const RESIN = 1100.0;

    public Substance $substance;

    /**
     * @param array{float, float, float, float, float|null, string} $figures skeleton g/cm³, open and closed pores, water %, bears °C, "b"
     *                                                                       bleeds, "s" soaks, "f" may change colour
     * @param array{0: Drying, 1?: float}                           $drying  and hours, where they are not usual
     * @param string                                                $name    of its own; nothing where the library names it
     * @param string                                                $sealing as it was tried
     * @param string                                                $colour  as it was seen
     */
    public function __construct(
        public string $key,
        public string $group,
        private array $figures,
        private array $drying,
        public string $source,
        public string $name = '',
        public string $sealing = '',
        public string $colour = '',
    ) {
        [$skeleton, $open, $closed, $water, $heat, $flags] = $figures;
        $this->substance = Substance::of(
            1e3 * $skeleton,
            $open,
            $closed,
            $water,
            $heat,
            str_contains($flags, 'b'),
            str_contains($flags, 's'),
            str_contains($flags, 'f'),
            $drying[0],
            $drying[1] ?? null,
        );
    }

    /**
     * The same with what was found in one's own tests.
     *
     * @param array{
     *     skeleton?: float, open?: float, closed?: float, water?: float, heat?: float, bleeds?: bool, soaks?: bool, fades?: bool,
     * } $found
     */
    public function amended(array $found, string $sealing, string $colour, string $source): self
    {
        [$skeleton, $open, $closed, $water, $heat, $flags] = $this->figures;
        foreach (['b' => 'bleeds', 's' => 'soaks', 'f' => 'fades'] as $flag => $name) {
            $has = $found[$name] ?? str_contains($flags, $flag);
            $flags = str_replace($flag, '', $flags) . ($has ? $flag : '');
        }

        return new self(
            $this->key,
            $this->group,
            [
                $found['skeleton'] ?? $skeleton, $found['open'] ?? $open, $found['closed'] ?? $closed,
                $found['water'] ?? $water, $found['heat'] ?? $heat, $flags,
            ],
            $this->drying,
            $source,
            $this->name,
            $sealing === '' ? $this->sealing : $sealing,
            $colour === '' ? $this->colour : $colour,
        );
    }

    /** Share of a floating prism that lies below the surface of a usual resin; 1 and more sinks. */
    public function draught(): float
    {
        return $this->substance->dryBulkDensity() / self::RESIN;
    }

    public function floats(): bool
    {
        return $this->draught() < 1.0;
    }

    /** Air that a millilitre of it can let go, ml. */
    public function air(): float
    {
        return $this->substance->openPorosity;
    }

    /** The largest piece, in mm³, that may go in bare: less air than the bubble that nobody minds; null where any may. */
    public function bareUpTo(): ?float
    {
        if ($this->substance->bleeds || $this->substance->soaks) {
            return 0.0;
        }

        return $this->air() > 0.0 ? 1e9 * Inclusion::harmlessAir() / $this->air() : null;
    }

    /** @return array<string, bool|float|string> `material` of a plan file, but for its name */
    public function toMaterial(): array
    {
        [$skeleton, $open, $closed, $water, $heat, $flags] = $this->figures;
        $material = ['skeleton_g_cm3' => $skeleton, 'moisture_pct' => $water];
        foreach (['open_porosity' => $open, 'closed_porosity' => $closed] as $name => $share) {
            $material += $share > 0.0 ? [$name => $share] : [];
        }
        $material += $heat === null ? [] : ['max_celsius' => $heat];
        foreach (['b' => 'bleeds', 's' => 'soaks', 'f' => 'fades'] as $flag => $name) {
            $material += str_contains($flags, $flag) ? [$name => true] : [];
        }

        return $material + ($this->drying[0] === Drying::None ? [] : ['drying' => $this->drying[0]->value])
            + (isset($this->drying[1]) ? ['drying_h' => $this->drying[1]] : []);
    }
}
