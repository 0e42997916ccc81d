<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Batching\Batch;
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
    /** @param int $k index of the pour */
    public function __construct(private Batch $batch, private int $k) {}

    /** @return list<Finding> */
    public function findings(): array
    {
        return array_values(array_filter([$this->ratio(), $this->goes()]));
    }

    /** The warning, or the refusal, of a batch that is too small for what it is measured with. */
    public function ratio(): ?Finding
    {
        if (!$this->batch->isDoubtful()) {
            return null;
        }
        $least = ceil($this->batch->leastGoodMix());

        return Finding::of($this->batch->isRefused() ? Code::RatioRefused : Code::RatioError, "/pours/{$this->k}", [
            'pour'  => Number::count($this->k + 1),
            'error' => Share::percent($this->batch->ratioErrorPercent()),
            'mix'   => Mass::grams($this->batch->mixed()),
            'least' => Mass::grams($least),
            'step'  => Mass::grams(10.0 ** floor(log10($this->batch->goodStep()))),
        ], ['device' => $this->batch->device->fact()], new Mend('/studio/least_mix_g', $least));
    }

    /** More than it takes at once: how many mixes, and what goes into each. */
    private function goes(): ?Finding
    {
        $goes = $this->batch->goes();
        if ($goes === 1) {
            return null;
        }
        $pour = ['pour' => Number::count($this->k + 1)];
        if ($goes === null) {
            return Finding::of(Code::CupTooHeavy, '/studio/cup_weight_g', $pour, ['device' => $this->batch->device->fact()]);
        }
        [$a, $b] = $this->batch->readings();
        $amount = $this->batch->device->unit() === 'g' ? Mass::grams(...) : Volume::millilitres(...);

        return Finding::of(Code::SeveralMixes, "/pours/{$this->k}", $pour + [
            'mixes' => Number::count($goes), 'a' => $amount($a / $goes), 'b' => $amount($b / $goes),
        ], ['device' => $this->batch->device->fact()]);
    }
}
