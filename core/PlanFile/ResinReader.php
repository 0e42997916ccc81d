<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Finding\Code;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\DataSheet;
use Pensilis\Resin\MixRatio;
use Pensilis\Resin\Resin;

/** Reads one of `resins` of a plan file: g/ml, mPa·s, °C, kJ there, SI in the core. */
final readonly class ResinReader
{
    /** Room above which vitrification matters little, °C (memory). */
    private const MATTERS_LITTLE = 18.0;

    public function __construct(private Problems $problems) {}

    public function read(Node $node): ?Resin
    {
        $ratio = $this->problems->attempt($node->at('ratio'), fn(): MixRatio => $this->ratio($node));
        $sheet = $this->problems->attempt($node->at('sheet'), fn(): DataSheet => $this->sheet($node->child('sheet')));
        $law = $node->has('kinetics')
            ? $this->problems->attempt($node->at('kinetics'), fn(): CureLaw => $this->law($node->child('kinetics')))
            : null;
        if ($node->has('kinetics') && $node->child('kinetics')->flag('vitrification')) {
            $this->problems->add(
                Code::VitrificationNotYet,
                $node->at('kinetics') . '/vitrification',
                ['room' => Temperature::celsius(self::MATTERS_LITTLE)],
            );
        }
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

        return $ratio->text('by') === 'volume' ? MixRatio::byVolume(...$parts) : MixRatio::byWeight(...$parts);
    }

    private function sheet(Node $node): DataSheet
    {
        $said = ['celsius' => $node->number('celsius')];
        foreach (['pot_life_min', 'working_min', 'gel_h', 'gel_mm', 'recoat_open_h', 'recoat_close_h', 'demold_h',
            'full_cure_h', 'min_pour_mm', 'max_pour_mm', 'heat_deflection_celsius'] as $key) {
            if ($node->has($key)) {
                $said[$key] = $node->number($key);
            }
        }

        return DataSheet::of($said);
    }

    private function law(Node $node): CureLaw
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
        );
    }
}
