<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Plan\Recoat;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\DataSheet;
use Pensilis\Resin\Glass;
use Pensilis\Resin\MixRatio;
use Pensilis\Resin\Resin;
use Pensilis\Resin\TackTests;

/** Reads one of `resins` of a plan file: g/ml, mPa·s, °C, kJ there, SI in the core. */
final readonly class ResinReader
{
    public function __construct(private Problems $problems, private Recoat $recoat = Recoat::Window) {}

    public function read(Node $node): ?Resin
    {
        $ratio = $this->problems->attempt($node->at('ratio'), fn(): MixRatio => $this->ratio($node));
        $sheet = $this->problems->attempt($node->at('sheet'), fn(): DataSheet => $this->sheet($node->child('sheet')));
        $law = $node->has('kinetics')
            ? $this->problems->attempt($node->at('kinetics'), fn(): CureLaw => $this->law($node->child('kinetics'), $sheet?->deflection))
            : null;
        if ($ratio === null || $sheet === null || ($law === null && $node->has('kinetics'))) {
            return null;
        }

        return $this->problems->attempt($node->pointer, fn(): Resin => $this->resin($node, $ratio, $sheet, $law));
    }

    private function resin(Node $node, MixRatio $ratio, DataSheet $sheet, ?CureLaw $law): Resin
    {
        $density = $node->child('density_g_ml');
        $viscosity = $node->child('viscosity_mpa_s');
        $said = $node->maybeChild('thermal');
        $known = array_filter(
            [
                'capacity' => $said->has('cp_j_gk') ? 1e3 * $said->number('cp_j_gk') : null,
                'conduct'  => $said->maybe('k_w_mk'), 'refract' => $node->maybe('refractive_index'),
            ],
            fn(?float $value): bool => $value !== null,
        );

        return Resin::of(
            $node->text('id'),
            $node->text('name'),
            $ratio,
            ['mixed' => 1e3 * $density->number('mixed'), 'cured' => 1e3 * $density->number('cured', $density->number('mixed'))],
            ['value' => 1e-3 * $viscosity->number('value'), 'kelvin' => Temperature::celsius($viscosity->number('celsius'))->k()],
            $sheet,
            $law,
            $known,
        );
    }

    private function ratio(Node $node): MixRatio
    {
        $ratio = $node->child('ratio');
        $density = $node->child('density_g_ml');
        $parts = [$ratio->number('a'), $ratio->number('b'), 1e3 * $density->number('a'), 1e3 * $density->number('b')];

        $read = $ratio->text('by') === 'volume' ? MixRatio::byVolume(...$parts) : MixRatio::byWeight(...$parts);

        return $ratio->has('tolerance_pct') ? $read->within($ratio->number('tolerance_pct') / 100.0) : $read;
    }

    private function sheet(Node $node): DataSheet
    {
        $said = ['celsius' => $node->number('celsius')];
        foreach (['pot_life_min', 'working_min', 'gel_h', 'gel_mm', 'recoat_open_h', 'recoat_close_h', 'demold_h',
            'full_cure_h', 'min_pour_mm', 'max_pour_mm', 'heat_deflection_celsius', 'stir_min'] as $key) {
            if ($node->has($key)) {
                $said[$key] = $node->number($key);
            }
        }

        $resists = $node->flag('resists_solvents');
        $sheet = DataSheet::of($said, null, $resists);

        if ($sheet->isClosingSaid) {
            return $sheet;
        }
        $tests = $this->tests($node, $sheet);
        $closes = $this->recoat === Recoat::TackTest ? max($sheet->recoatCloses, 3600.0 * Recoat::LATEST) : $sheet->recoatCloses;
        $closes = max($sheet->recoatOpens, (new TackTests($tests))->closing($closes, $sheet->temperature));

        return DataSheet::of(['recoat_close_h' => $closes / 3600.0] + $said, $tests !== [], $resists);
    }

    /** @return list<array{float, float, bool}> */
    private function tests(Node $node, DataSheet $sheet): array
    {
        return array_map(fn(Node $test): array => [
            3600.0 * $test->number('after_h'),
            $test->has('celsius') ? Temperature::celsius($test->number('celsius'))->k() : $sheet->temperature,
            $test->text('nail', 'marks') === 'marks',
        ], $node->children('tack_tests'));
    }

    private function law(Node $node, ?float $deflection): CureLaw
    {
        return new CureLaw(
            $node->number('k1_per_s'),
            1e3 * $node->number('e1_kj_mol'),
            $node->number('k2_per_s'),
            1e3 * $node->number('e2_kj_mol'),
            Temperature::celsius($node->number('reference_celsius'))->k(),
            $node->number('m'),
            $node->number('n'),
            1e3 * $node->number('heat_j_g'),
            $node->number('alpha_gel', CureLaw::gelPoint(2, 4)),
            $node->flag('vitrification') ? Glass::of($deflection) : null,
        );
    }
}
