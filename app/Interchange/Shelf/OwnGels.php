<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Starters;
use App\Models\Supply;
use Pensilis\PlanFile\LogReader;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Fit\Observed;
use Pensilis\Thermal\Fit\Tack;

/**
 * A resin on the shelf as its sheet has it, what own pours of it did, and a law as a plan file writes it.
 *
 * @phpstan-import-type GelTime from Supply
 */
final class OwnGels
{
    /** So many of a resin are kept at the most. */
    public const MOST = LogReader::MOST;

    /** What can be seen; the first is what a form begins with. */
    public const SAW = ['gel', 'wet', 'prints', 'firm', 'dry', self::PROBE];

    public const PROBE = 'probe';

    public static function sheet(Supply $supply): Resin
    {
        $document = array_diff_key($supply->inPlan()->resin(), ['kinetics' => 1]) + $supply->fitted()->ofSheet();

        return PlanFile::plan(Starters::of($supply->name, $document, now()->format('Y-m-d\TH:i')))->resin();
    }

    /** @return list<Observed> */
    public static function observed(Supply $supply): array
    {
        return array_map(self::seen(...), $supply->gel_times);
    }

    /** @param GelTime $one what is read by a probe is read in the middle */
    private static function seen(array $one): Observed
    {
        [$at, $room, $depth] = [3600.0 * $one['hours'], Temperature::celsius($one['celsius'])->k(), 1e-3 * $one['depth_mm']];
        $tack = Tack::tryFrom($one['saw'] ?? '');
        if (isset($one['series'])) {
            $readings = array_map(fn(array $read): array => [3600.0 * $read[0], Temperature::celsius($read[1])->k()], $one['series']);

            return Observed::probe($readings, 0.5 * $depth, 0.0, $room, $depth, null);
        }

        return $tack === null ? Observed::gel($at, $room, $depth, null) : Observed::tack($tack, $at, $room, $depth, null);
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
