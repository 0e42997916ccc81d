<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Colour\Recipe;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Layout\Portion;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Share;

/** What stands against colours, mix by mix and region by region, and what of them will be seen. */
final readonly class ColourJudge implements Judge
{
    /** Solvent or water above which a mix may stay soft or turn cloudy, percent of its mass (memory). */
    private const SOLVENT = 1.0;

    public function __construct(private Plan $plan, private Layout $layout) {}

    /** @return list<Finding> */
    public function findings(): array
    {
        $coloured = array_filter($this->layout->pours, fn(LaidPour $pour): bool => $pour->coat->isColoured());
        $neighbours = array_map(fn(LaidPour $pour): array => $pour->portions->parcels->neighbours(), $coloured);
        $found = [];
        foreach ($coloured as $k => $pour) {
            foreach ($pour->portions->all as $portion) {
                $at = $portion->pointer($k);
                array_push($found, ...array_filter([
                    $this->amount($pour, $k, $portion, $at), $this->solvent($pour, $k, $portion, $at), $this->mud($pour, $k, $portion, $at),
                ]));
            }
            array_push($found, ...(new RegionJudge($pour, $k, $neighbours[$k]))->findings());
        }

        return $coloured === [] ? [] : [...$found, ...(new EffectJudge($this->plan, $this->layout, $coloured, $neighbours))->findings()];
    }

    private function amount(LaidPour $pour, int $k, Portion $portion, string $at): ?Finding
    {
        $percent = $portion->recipe->percent(1e-3 * $pour->resin->density);
        if ($percent <= Recipe::WARN_PERCENT) {
            return null;
        }
        // Asked once: some keep it thick on purpose.
        $softens = $percent > Recipe::SOFTENS_PERCENT;
        $code = match (true) {
            $pour->coat->onPurpose => Code::ColourShareMeant,
            $softens               => Code::ColourSoftens,
            default                => Code::ColourShare,
        };

        return Finding::of($code, "{$at}/mix", [
            'pour'  => Number::count($k + 1), 'share' => Share::percent($percent),
            'usual' => Share::percent(Recipe::WARN_PERCENT), 'softens' => Share::percent(Recipe::SOFTENS_PERCENT),
        ], ['region' => $portion->name], !$pour->coat->onPurpose ? new Mend("/pours/{$k}/thick_on_purpose", true) : null);
    }

    /** What does not cure and has nowhere to go. */
    private function solvent(LaidPour $pour, int $k, Portion $portion, string $at): ?Finding
    {
        $density = 1e-3 * $pour->resin->density;
        $share = $portion->recipe->solventPercent($density);

        return $share <= self::SOLVENT ? null : Finding::of(Code::ColourSolvent, "{$at}/mix", [
            'pour'  => Number::count($k + 1), 'solvent' => Share::percent($share), 'most' => Share::percent(self::SOLVENT),
            'clear' => Mass::grams(1e3 * $pour->resin->density * $portion->plain($pour->resin->density) * $this->plan->setup->pieces
                * ($share / self::SOLVENT - 1.0)),
            'pigment' => Share::percent($portion->recipe->percent($density) - $share),
        ], ['region' => $portion->name]);
    }

    /** Colours in one cup that make mud of each other. */
    private function mud(LaidPour $pour, int $k, Portion $portion, string $at): ?Finding
    {
        $recipe = $portion->recipe;
        foreach ($recipe->parts as $n => [$one, $dose]) {
            foreach (array_slice($recipe->parts, $n + 1) as [$other, $more]) {
                if (Recipe::of([[$one, 2.0 * $dose]])->muddies(Recipe::of([[$other, 2.0 * $more]]), $pour->depth())) {
                    return Finding::of(Code::MuddyCup, "{$at}/mix", ['pour' => Number::count($k + 1)], [
                        'region' => $portion->name, 'colour' => $one->name, 'other' => $other->name,
                    ]);
                }
            }
        }

        return null;
    }
}
