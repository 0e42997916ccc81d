<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Piece;
use App\View\Drawing\ActRail;
use App\View\Drawing\CupDrawing;
use App\View\Drawing\Gaze;
use App\View\Drawing\HeatTint;
use App\View\Drawing\PieceDrawings;
use App\View\Drawing\SectionDrawing;
use App\View\Drawing\TemplateDrawing;
use App\View\Drawing\TimeRail;
use App\Words\Figures;
use App\Words\Words;
use ArrayObject;
use OutOfRangeException;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\PrepList;
use Pensilis\Batching\Batch;
use Pensilis\Batching\CupSplit;
use Pensilis\Bench\Kit;
use Pensilis\Bench\PourActs;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Question as Asked;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Draft;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\PinnedPour;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Simulation\Cups;
use Pensilis\Thermal\Fit\CalibrationStore;

/** One piece as its pages show it: drawn and weighed at once, heat and clock as soon as they are known. */
final readonly class PieceView
{
    /** Findings that are told at once; of hundreds of objects each may have its own. */
    public const TOLD = 60;

    public Plan $plan;

    public Figures $figures;

    public Words $words;

    public Gaze $gaze;

    public ?Layout $layout;

    /** @var list<Finding> all that is to be said of it, reasons first */
    public array $findings;

    /** @var ArrayObject<int, CupSplit> by pour, once they are found */
    private ArrayObject $mixes;

    public function __construct(public Piece $piece, public UnitSystem $system, public ?PlanAnswer $answer, ?Gaze $gaze = null)
    {
        $this->gaze = $gaze ?? Gaze::straight();
        /** @var ArrayObject<int, CupSplit> $none */
        $none = new ArrayObject();
        $this->mixes = $none;
        $this->plan = $answer->plan ?? $piece->plan();
        $this->figures = new Figures($system, $this->plan->studio->clock);
        $this->words = new Words($system);
        $draft = $answer === null ? Draft::of($this->plan) : null;
        $this->layout = $answer === null ? $draft?->layout : $answer->layout;
        $this->findings = match (true) {
            $answer !== null       => $answer->said(),
            $this->layout === null => $draft->reasons ?? [],
            default                => Judges::ofLayout($this->plan, $this->layout),
        };
    }

    public function isComputing(): bool
    {
        return $this->answer === null;
    }

    /** Whether its pours are given, not found. */
    public function isGiven(): bool
    {
        return $this->plan->pours !== [];
    }

    /** Whether any pour has a colour, a region or something applied on it. */
    public function isColoured(): bool
    {
        $pours = $this->isGiven() ? $this->plan->pours : $this->plan->pins;

        return array_filter(
            $pours,
            fn(GivenPour|PinnedPour $pour): bool => $pour->coat->isColoured() || $pour->coat->applied !== [],
        ) !== [];
    }

    /** @return list<Question> the questions of the verdict */
    public function verdict(): array
    {
        return (new Verdict($this->plan, $this->layout, $this->answer, $this->findings, $this->figures))->questions($this->isColoured());
    }

    /**
     * What is said under the verdict: what is known at once first, so that nothing moves when heat comes.
     *
     * @return array<string, Finding> by the name of its place
     */
    public function notices(): array
    {
        $notices = array_filter($this->findings, fn(Finding $one): bool => $one->question() !== null);
        $later = fn(Finding $one): int => in_array($one->question(), [Asked::Cools, Asked::Fits], true) ? 2 : ($one->isTold() ? 1 : 0);
        usort($notices, fn(Finding $one, Finding $other): int => $later($one) <=> $later($other));

        $byId = [];
        foreach ($notices as $notice) {
            $id = "told-{$notice->code->value}" . str_replace('/', '-', $notice->pointer);
            $byId[isset($byId[$id]) ? "{$id}-" . count($byId) : $id] = $notice;
        }

        return $byId;
    }

    public function stages(): Stages
    {
        return new Stages($this->plan, count($this->layout->pours ?? []), $this->verdict(), $this->figures);
    }

    /** What the whole piece takes, weighs and costs. */
    public function totals(): PieceTotals
    {
        return new PieceTotals($this->piece, $this->plan, $this->layout, $this->figures, $this->answer->tasks ?? [], array_map(
            $this->batch(...),
            array_keys($this->layout->pours ?? []),
        ));
    }

    public function objects(): ObjectLines
    {
        return new ObjectLines($this->plan, $this->figures, $this->answer?->simulation?->brushed->drying);
    }

    /** Whether heat tells the drawings nothing that they did not show at once. */
    public function isDrawnAsBefore(): bool
    {
        return $this->isGiven() && $this->layout !== null && !$this->gaze->tinted
            && self::odd($this->findings) === self::odd(Judges::ofLayout($this->plan, $this->layout));
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<int> numbers of the objects that they are about
     */
    private static function odd(array $findings): array
    {
        return array_merge(...array_map(fn(Finding $one): array => $one->code->isAtObject() ? $one->objects() : [], $findings));
    }

    public function drawings(): PieceDrawings
    {
        return new PieceDrawings(
            $this->plan,
            $this->layout,
            self::odd($this->findings),
            $this->figures,
            $this->gaze,
            $this->piece->photograph,
            $this->isColoured(),
            $this->piece->document,
        );
    }

    /** Where heat is to be tinted in and is known. */
    public function tint(SectionDrawing $section): ?HeatTint
    {
        $field = $this->gaze->tinted ? $this->answer?->simulation?->field : null;

        return $field === null ? null : new HeatTint($field, $section, $this->plan->vessel, $this->system);
    }

    public function template(bool $mirrored): TemplateDrawing
    {
        return new TemplateDrawing($this->plan, $this->layout, $this->figures, $mirrored);
    }

    public function rail(): ?TimeRail
    {
        return $this->answer?->simulation === null ? null : new TimeRail($this->answer, $this->figures);
    }

    public function pour(int $k): LaidPour
    {
        return $this->layout->pours[$k] ?? throw new OutOfRangeException("There is no pour {$k}.");
    }

    /** The mixes that one of its pours is really made of: as its device and its pot life in the room of that hour ask for. */
    public function mixes(int $k): CupSplit
    {
        $pour = $this->pour($k);
        $start = $this->answer?->simulation?->pours[$k]->startHour ?? $this->plan->pours[$k]->startHour ?? 0.0;

        return $this->mixes[$k] ??= Cups::of($this->plan, $pour, app(CalibrationStore::class)->calibrated($pour->resin), $start);
    }

    /** The same, which is known once heat is. */
    public function batch(int $k): Batch
    {
        return $this->answer?->simulation === null ? $this->mixes($k)->batch : $this->pour($k)->batch;
    }

    /** @return array{string, string} A and B of one of its pours, as its device shows them in each mix */
    public function readings(int $k): array
    {
        $batch = $this->batch($k);
        if ($batch->isShared) {
            return array_fill(0, 2, Words::say('figures.with-below', ['pour' => $k]));
        }
        $each = fn(float $amount): string => $this->figures->times($batch->mixes, $this->figures->reading($batch->device, $amount));

        return array_map($each, $batch->readings());
    }

    /** What is filled for one mix of a pour, drawn. */
    public function cups(int $k): CupDrawing
    {
        return new CupDrawing($this->batch($k), $this->figures);
    }

    /** @return list<Fact> all that lies ready before the first pour, once pours are known */
    public function kit(): array
    {
        return $this->layout === null ? [] : Kit::of($this->plan, $this->layout);
    }

    public function pours(): PourLines
    {
        return new PourLines($this);
    }

    public function vessel(): VesselLines
    {
        return new VesselLines($this->plan, $this->figures);
    }

    /** What is to be done when. */
    public function clock(): ClockView
    {
        return new ClockView($this->answer, $this->figures, $this->words);
    }

    /** @return array<string, string> what panels say of vessel, objects and regions, by where it stands: hundreds, few of them new */
    public function lines(): array
    {
        $lines = ['cover' => $this->vessel()->cover(), 'vessel-line' => $this->vessel()->holds()];
        foreach ($this->plan->inclusions as $i => $inclusion) {
            $lines["figures-{$i}"] = $this->objects()->figures($inclusion);
        }
        foreach ($this->isGiven() ? $this->plan->pours : [] as $k => $pour) {
            foreach (array_keys($pour->coat->zones) as $z) {
                $lines["region-says-{$k}-{$z}"] = $lines["region-figures-{$k}-{$z}"] = $this->pours()->regionSays($k, $z);
            }
        }

        return $lines;
    }

    /** What hands do for one pour, minute by minute. */
    public function acts(int $k): ?ActRail
    {
        return $this->layout === null ? null : new ActRail(
            PourActs::of($this->plan, $this->layout, $k, $this->answer->joints[$k - 1] ?? null),
            $this->words,
            $this->figures,
            ($this->answer->simulation->pours[$k] ?? null)?->startHour,
        );
    }

    /** @return list<Fact> what to make ready before the first pour */
    public function prepList(): array
    {
        return PrepList::of($this->plan->setup, $this->plan->purpose->finish);
    }
}
