<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Starters;
use App\Models\Supply;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Observed;

/** A resin on the shelf as its sheet has it, what own pours of it did, and a law as a plan file writes it. */
final class OwnGels
{
    /** So many gel times of a resin are kept at the most. */
    public const MOST = 30;

    public static function sheet(Supply $supply): Resin
    {
        $document = array_diff_key($supply->asResin(), ['kinetics' => 1]) + $supply->kineticsOfSheet();

        return PlanFile::plan(Starters::of($supply->name, $document, now()->format('Y-m-d\TH:i')))->resin();
    }

    /** @return list<Observed> */
    public static function observed(Supply $supply): array
    {
        return array_map(fn(array $one): Observed => Observed::gel(
            3600.0 * $one['hours'],
            Temperature::celsius($one['celsius'])->k(),
            1e-3 * $one['depth_mm'],
            null,
        ), $supply->gel_times);
    }

    /** @return array<string, float|string|bool> the `kinetics` of a plan file */
    public static function write(CureLaw $law): array
    {
        return [
            'model'         => 'kamal', 'k1_per_s' => $law->k1, 'e1_kj_mol' => round(1e-3 * $law->e1, 3), 'k2_per_s' => $law->k2,
            'e2_kj_mol'     => round(1e-3 * $law->e2, 3), 'reference_celsius' => round(Temperature::kelvin($law->reference)->c(), 3),
            'm'             => $law->m, 'n' => $law->n, 'heat_j_g' => round(1e-3 * $law->heat, 3), 'alpha_gel' => $law->gelConversion,
            'vitrification' => $law->glass !== null,
        ];
    }
}
