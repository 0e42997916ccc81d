<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Batching\Batch;
use Pensilis\Batching\Scale;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Share;
use Pensilis\Quantity\Volume;

/** Whether what a pour is measured with is fine enough for it, and large enough. */
final readonly class BatchJudge implements Judge
{
    /** A share of what is needed that is worth another way to measure (memory). */
    private const MUCH = 0.25;

    /** @param int $k index of the pour */
    public function __construct(private Batch $batch, private int $k) {}

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->batch->isShared ? [] : array_values(array_filter([$this->ratio(), $this->left(), $this->goes()]));
    }

    /** The warning, or the refusal, of a batch that is too small for what it is measured with. */
    public function ratio(): ?Finding
    {
        if (!$this->batch->isDoubtful()) {
            return null;
        }
        $least = $this->batch->leastGoodMix();
        $said = [
            'pour'  => Number::count($this->k + 1),
            'error' => Share::percent($this->batch->ratioErrorPercent()),
            'mix'   => Mass::grams($this->batch->needEach() + $this->batch->over() / $this->batch->goes()),
        ];
        $names = ['device' => $this->batch->device->fact()];
        if (!$this->batch->device instanceof Scale && !$this->batch->isRefused()) {
            return Finding::of(Code::RatioErrorAtMarks, "/pours/{$this->k}", $said, $names);
        }

        return Finding::of($this->batch->isRefused() ? Code::RatioRefused : Code::RatioError, "/pours/{$this->k}", $said + [
            'least' => Mass::grams($least),
            'step'  => Mass::grams(10.0 ** floor(log10($this->batch->goodStep()))),
        ], $names, new Mend('/studio/least_mix_g', $least));
    }

    /** Much more than is needed, because only there A and B lie on steps in the ratio. */
    private function left(): ?Finding
    {
        return $this->batch->over() <= self::MUCH * $this->batch->needed() ? null : Finding::of(Code::MuchLeft, "/pours/{$this->k}", [
            'pour' => Number::count($this->k + 1), 'mix' => Mass::grams($this->batch->mixed()), 'left' => Mass::grams($this->batch->over()),
        ], ['device' => $this->batch->device->fact()]);
    }

    /** More than it takes at once: how many mixes, and what goes into each. */
    private function goes(): ?Finding
    {
        $pour = ['pour' => Number::count($this->k + 1)];
        if ($this->batch->mixes === 0) {
            [$code, $at] = $this->batch->device instanceof Scale
                ? [Code::CupTooHeavy, '/studio/cup_weight_g'] : [Code::CupTooSmall, '/studio/cup_limit_ml'];

            return Finding::of($code, $at, $pour, ['device' => $this->batch->device->fact()]);
        }
        [$a, $b] = $this->batch->readings();
        $amount = $this->batch->device->unit() === 'g' ? Mass::grams(...) : Volume::millilitres(...);

        return $this->batch->mixes === 1 ? null : Finding::of(Code::SeveralMixes, "/pours/{$this->k}", $pour + [
            'mixes' => Number::count($this->batch->mixes), 'a' => $amount($a), 'b' => $amount($b),
        ], ['device' => $this->batch->device->fact()]);
    }
}
