<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Figure;
use Pensilis\Thermal\PourTrack;

/** What is wrong with the heat, the cure and the timing of simulated pours. */
final readonly class HeatJudge
{
    /** @param list<PourTrack> $tracks */
    public function __construct(private Simulation $simulation, private array $tracks) {}

    /** @return list<Notice> */
    public function notices(): array
    {
        $notices = [];
        foreach (array_keys($this->simulation->pours) as $k) {
            array_push($notices, ...array_filter([$this->heat($k), $this->cure($k), $this->timing($k)]));
        }
        foreach ($this->simulation->plan->inclusions as $i => $inclusion) {
            $limit = $inclusion->substance->greatestCelsius;
            $met = $this->simulation->greatestAt($inclusion);
            if ($limit !== null && $met !== null && $met > $limit) {
                $notices[] = new Notice('object-too-hot', sprintf(
                    '“%s” meets %s °C and bears %s °C.',
                    $inclusion->id,
                    Figure::fixed($met, 0),
                    Figure::short($limit, 0),
                ), "/inclusions/{$i}/material/max_celsius");
            }
        }
        $vessel = $this->simulation->plan->vessel;
        if (!$vessel->shape->isUpright()) {
            $notices[] = new Notice('walls-upright', sprintf(
                'Heat takes the walls as upright at their widest, %s mm across: where the vessel is narrower, the true peak is cooler and '
                . 'the true windows come later. Test the surface before each next pour.',
                Figure::short(2e3 * max($vessel->widest()->halfX, $vessel->widest()->halfY), 1),
            ), '/vessel/shape');
        }
        foreach ($this->tracks as $k => $track) {
            if ($track->resin->sheetRunsHot) {
                $notices[] = new Notice('sheet-runs-hot', sprintf(
                    'By its own sheet “%s” would pass 70 °C in its deepest pour: the sheet\'s times and depths disagree; '
                    . '70 °C is taken as what its maker tolerates.',
                    $track->resin->resin->name,
                ), "/pours/{$k}");
                break;
            }
        }

        return $notices;
    }

    private function heat(int $k): ?Notice
    {
        $pour = $this->simulation->pours[$k];
        $limit = $this->simulation->acceptable($k);
        if ($pour->isRunaway()) {
            return new Notice('runaway', sprintf(
                'Pour %d runs away: about %s °C, an order of magnitude more than a figure. It would crack, smoke and '
                . 'yellow; pour thinner.',
                $k + 1,
                Figure::fixed($pour->peakCelsius, 0),
            ), "/pours/{$k}");
        }

        return $this->simulation->isTooHot($k) ? new Notice('too-hot', sprintf(
            'Pour %d reaches %s °C after %s; at most %s °C is acceptable here. Pour thinner, or in a cooler room.',
            $k + 1,
            Figure::fixed($pour->peakCelsius, 0),
            Duration::hours($pour->peakAt)->print(),
            Figure::short($limit, 0),
        ), "/pours/{$k}") : null;
    }

    private function cure(int $k): ?Notice
    {
        $pour = $this->simulation->pours[$k];
        if ($pour->gelLast === null) {
            return new Notice('no-gel', sprintf(
                'Pour %d does not set within 60 days in this room; warm the room.',
                $k + 1,
            ), "/pours/{$k}");
        }

        return $pour->fullCure === null ? new Notice('no-full-cure', sprintf(
            'Pour %d does not reach full cure within 60 days in this room; warm the room.',
            $k + 1,
        ), "/pours/{$k}") : null;
    }

    private function timing(int $k): ?Notice
    {
        $below = $this->simulation->pours[$k - 1] ?? null;
        if ($below === null) {
            return null;
        }
        $after = $this->simulation->pours[$k]->startHour - $below->startHour;
        $pointer = "/pours/{$k}/start_h";
        $opens = $below->recoatOpens;
        if ($below->gelFirst === null || $after < $below->gelFirst) {
            return new Notice('on-liquid', sprintf(
                'Pour %d goes onto liquid: %s after the one below, which gels after %s. Colours and objects will mix.',
                $k + 1,
                Duration::hours($after)->print(),
                $below->gelFirst === null ? 'the end of this run' : Duration::hours($below->gelFirst)->print(),
            ), $pointer);
        }
        if ($opens !== null && $after < $opens - 1e-6) {
            return new Notice('before-recoat', sprintf(
                'Pour %d comes %s after the one below, whose recoat window opens after %s: it is still soft.',
                $k + 1,
                Duration::hours($after)->print(),
                Duration::hours($opens)->print(),
            ), $pointer);
        }

        return $below->recoatCloses !== null && $after > $below->recoatCloses + 1e-6 ? new Notice('recoat-missed', sprintf(
            'Pour %d comes %s after the one below, whose recoat window closes after %s: sand it with about 220 grit, '
            . 'wipe, then pour.',
            $k + 1,
            Duration::hours($after)->print(),
            Duration::hours($below->recoatCloses)->print(),
        ), $pointer) : null;
    }
}
