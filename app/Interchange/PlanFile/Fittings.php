<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Layout\Finished;
use Pensilis\Layout\FittingPlaces;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Fixing;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Viewed;
use Pensilis\PlanFile\Document;

/** Fittings put where the balance of a piece asks for them. */
final class Fittings
{
    /** As a page offers them. */
    public const WAYS = ['hook', 'hooks', 'handles', 'foot', 'stand'];

    /** What needs no hole. */
    private const HELD = ['foot' => Fixing::Stick->value, 'stand' => Fixing::Rest->value];

    /** As many as a plan file takes. */
    public const MOST = 20;

    /** Room round a fitting that begins, mm (memory). */
    private const RADIUS = 6;

    /** A hole that begins, mm: half of 12 mm, or half of what is there (common practice: half the thickness at most). */
    private const HOLE = 6.0;

    /**
     * @param array<string, mixed> $document
     * @param value-of<self::WAYS> $way
     *
     * @return array<string, mixed>
     */
    public static function with(array $document, Plan $plan, Layout $layout, string $way): array
    {
        $rim = $plan->vessel->shape->sectionAt($layout->level());
        $from = !isset(self::HELD[$way]) && $plan->setup->viewed === Viewed::Bottom ? 'top' : 'bottom';
        $hole = round(min(self::HOLE, 1e3 * $plan->setup->deepestHole($layout->level())), 1);
        $isFree = fn(float $x, float $y): bool => array_filter($plan->inclusions, fn(Inclusion $one): bool => FittingPlaces::isUnder(
            $plan,
            $layout,
            $one,
            new Fitting('', $x, $y, 1e-3 * self::RADIUS, 1e-3 * $hole, $from === 'top'),
        )) === [];
        $places = new FittingPlaces($rim, Finished::of($plan, $layout)->balance, isset(self::HELD[$way]) ? null : $isFree);
        [$kind, $at] = match ($way) {
            'hook'    => ['hook', [$places->above()]],
            'hooks'   => ['hook', $places->pairAbove()],
            'handles' => [Fitting::HANDLE, $places->handles()],
            'stand'   => ['stand', [$places->below()]],
            default   => ['foot', [$places->above()]],
        };
        $fittings = array_values(Document::list($document, '/purpose/fittings'));
        foreach ($at as [$x, $y]) {
            $fittings[] = [
                'kind' => $kind, 'at_mm' => [round(1e3 * $x, 1), round(1e3 * $y, 1)], 'radius_mm' => self::RADIUS,
                // Drilled from the back; feet are stuck on, and a stand is stood on.
                'from' => $from,
            ] + (isset(self::HELD[$kind]) ? ['fix' => self::HELD[$kind]] : ['depth_mm' => $hole]);
        }

        return count($fittings) > self::MOST ? $document : Document::with($document, '/purpose/fittings', $fittings);
    }
}
