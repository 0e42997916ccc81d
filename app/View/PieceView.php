<?php

declare(strict_types=1);

namespace App\View;

use App\Interchange\Field;
use App\Interchange\PlanFields;
use App\Models\Piece;
use OutOfRangeException;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Draft;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\HoursJudge;
use Pensilis\Plan\LaidPour;
use Pensilis\Plan\Layout;
use Pensilis\Plan\Notice;
use Pensilis\Plan\Plan;
use Pensilis\Plan\PlanAnswer;
use Pensilis\Plan\PrepList;
use Pensilis\Plan\PrepStep;
use Pensilis\Plan\Viewed;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\Joint;
use Pensilis\Settling\Buoyancy;

/** One piece as its pages show it: drawn and weighed at once, heat and clock as soon as they are known. */
final readonly class PieceView
{
    /** What each question of the verdict listens to. */
    private const HANGS = ['uncovered', 'floats-off', 'no-layer', 'layers-conflict', 'no-layers-together', 'fill-not-divisible', 'too-many-pours',
        'outside-vessel', 'objects-overlap', 'seal-first', 'dry-first', 'under-filled', 'over-filled', 'below-least-pour', 'above-greatest-pour', 'tilted', 'runs-over'];

    /** What the drawings mark at the object itself. */
    private const AT_ODDS = ['objects-overlap', 'outside-vessel', 'uncovered', 'under-fitting'];

    private const COOKS = ['too-hot', 'runaway', 'object-too-hot', 'sheet-runs-hot', 'walls-upright', 'not-computable', 'no-gel', 'no-full-cure'];

    private const SUITS = ['heat-rating', 'too-thin', 'hole-too-deep', 'under-fitting', 'test-first'];

    private const FITS = ['no-time', 'on-liquid', 'before-recoat', 'recoat-missed', 'no-time-to-apply', 'outside-hours'];

    /** Notices that need a look, but spoil nothing. */
    private const MILD = ['recoat-missed', 'ratio-error', 'sheet-runs-hot', 'walls-upright', 'under-filled', 'below-least-pour', 'heat-rating', 'test-first', 'tilted', 'effect-faint', 'blends-in', 'muddies', 'region-invades', 'runs-together', 'colour-share', 'outside-hours'];

    private const SEEN = ['effect-hidden', 'effect-faint', 'blends-in', 'muddies', 'region-invades', 'region-nowhere', 'runs-together', 'colour-share', 'colour-softens'];

    public Plan $plan;

    public Figures $figures;

    public PlanFields $fields;

    /** Null where the answer has a layout already. */
    private ?Draft $draft;

    public Gaze $gaze;

    /** @var list<Notice> */
    private array $notices;

    public function __construct(public Piece $piece, public UnitSystem $system, public ?PlanAnswer $answer, ?Gaze $gaze = null)
    {
        $this->gaze = $gaze ?? Gaze::straight();
        $this->plan = $answer->plan ?? $piece->plan();
        $this->figures = new Figures($system, $this->plan->studio->clock);
        $this->fields = new PlanFields($piece->document);
        $this->draft = $answer?->layout() === null ? Draft::of($this->plan) : null;
        $this->notices = $this->found();
    }

    public function layout(): ?Layout
    {
        return $this->answer?->layout() ?? $this->draft?->layout;
    }

    /** @return list<Notice> without those that say what is settled anyway */
    public function notices(): array
    {
        return $this->notices;
    }

    /** @return list<Notice> */
    private function found(): array
    {
        $answer = $this->answer;
        $said = $answer?->simulation !== null
            ? [...$answer->notices(), ...(new HoursJudge($this->plan))->notices($answer->tasks)]
            // What is drawn but could not be followed: the reasons first, without saying anything twice.
            : [...($answer === null ? [] : $answer->reasons), ...($answer !== null && $this->layout() === null ? [] : $this->draft?->notices($this->plan) ?? [])];
        // A joint that was planned as sanded is a step on the sheet, not a fault.
        $planned = $answer !== null && $this->plan->pours === [];

        return array_values(array_filter($said, fn(Notice $notice): bool => !($planned && $notice->code === 'recoat-missed')));
    }

    public function isComputing(): bool
    {
        return $this->answer === null;
    }

    public function isGiven(): bool
    {
        return $this->plan->pours !== [];
    }

    /** @return list<array{resin: string, depth_mm: float, start_h: float}> the pours that were found, as a plan file gives them */
    public function givenPours(): array
    {
        $pours = [];
        foreach ($this->layout()->pours ?? [] as $k => $pour) {
            $pours[] = ['resin' => $pour->resin->id, 'depth_mm' => round(1e3 * $pour->depth(), 3), 'start_h' => round($this->answer?->simulation?->pours[$k]->startHour ?? 0.0, 3)];
        }

        return $this->answer?->simulation === null ? [] : $pours;
    }

    /** What the whole piece takes, weighs and costs. */
    public function totals(): PieceTotals
    {
        return new PieceTotals($this->piece, $this->plan, $this->layout(), $this->figures, $this->answer->tasks ?? []);
    }

    /** @return list<Question> the questions of the verdict */
    public function verdict(): array
    {
        $sanded = $this->answer === null ? 0 : count(array_filter($this->answer->joints, fn($joint): bool => $joint->value === 'sanded'));
        $heat = $this->answer !== null && $this->answer->simulation !== null;

        $open = $this->isComputing() ? 'computing' : 'not known';

        return [
            new Question('Does it hang?', 'hangs', $this->about(self::HANGS), $this->layout() !== null, $this->hangs(), $open),
            new Question('Does it stay cool?', 'stays cool', $this->about(self::COOKS), $heat, $heat ? $this->coolest() : '', $open),
            new Question('Does it fit the hours?', 'fits', $this->about(self::FITS), $heat, $heat ? $this->pace($sanded) : '', $open),
            new Question('Does it suit its use?', 'suits', $this->about(self::SUITS), $this->layout() !== null, $this->plan->purpose->service->words(), $open),
            ...($this->isColoured() ? [new Question('Will it be seen?', 'shows', $this->about(self::SEEN), $this->layout() !== null, 'from ' . $this->plan->setup->viewed->words(), $open)] : []),
            new Question('Can it be weighed?', 'weighs', $this->about(['ratio-error', 'ratio-refused']), $this->layout() !== null, 'on ' . $this->plan->studio->device->words(), $open),
        ];
    }

    public static function isMild(Notice $notice): bool
    {
        return in_array($notice->code, self::MILD, true);
    }

    public function section(): SectionDrawing
    {
        return new SectionDrawing($this->plan, $this->layout(), $this->figures, $this->gaze, $this->atOdds());
    }

    public function planDrawing(): PlanDrawing
    {
        return new PlanDrawing($this->plan, $this->gaze, $this->piece->photograph, $this->atOdds(), $this->shownCoat());
    }

    /** Whether any pour has a colour, a region or something applied on it. */
    public function isColoured(): bool
    {
        return array_filter($this->plan->pours, fn(GivenPour $pour): bool => $pour->coat->isColoured() || $pour->coat->applied !== []) !== [];
    }

    /** How a pour is coloured. */
    public function coat(int $k): CoatView
    {
        return new CoatView($this, $this->layout()->pours[$k] ?? throw new OutOfRangeException("There is no pour {$k}."), $k);
    }

    /** What a pour is coloured with, in a line. */
    public function coatLine(int $k): string
    {
        $coat = $this->plan->pours[$k]->coat;
        $parts = [$coat->zones === [] ? $coat->ground->words() : sprintf('%d %s on %s ground', count($coat->zones), count($coat->zones) === 1 ? 'region' : 'regions', $coat->ground->words())];
        foreach ($coat->applied as $one) {
            $parts[] = $one->application->words() . ($one->says === '' ? '' : " “{$one->says}”");
        }

        return implode('; ', $parts);
    }

    /** @return list<int> pours that have regions */
    public function divided(): array
    {
        return array_keys(array_filter($this->layout()->pours ?? [], fn(LaidPour $pour): bool => $pour->coat->zones !== []));
    }

    /** The pour whose regions the plan shows: the one asked for, else the last that has any. */
    public function shownCoat(): ?LaidPour
    {
        $divided = $this->divided();
        $k = in_array($this->gaze->coat, $divided, true) ? $this->gaze->coat : ($divided[count($divided) - 1] ?? null);

        return $k === null ? null : $this->layout()->pours[$k] ?? null;
    }

    /** The face that will be seen, where there is any colour to it. */
    public function face(PlanDrawing $frame): ?FaceDrawing
    {
        $layout = $this->layout();

        return $layout === null || !$this->isColoured() || $this->plan->setup->viewed === Viewed::Sides ? null : new FaceDrawing($this->plan, $layout, $frame, $this->gaze->turned || $this->plan->setup->viewed === Viewed::Bottom);
    }

    /** The side that will be seen, where a coloured piece is looked at from its sides. */
    public function side(SectionDrawing $section): ?SideDrawing
    {
        $layout = $this->layout();

        return $layout === null || !$this->isColoured() || $this->plan->setup->viewed !== Viewed::Sides ? null : new SideDrawing($this->plan, $layout, $section);
    }

    /** @return list<int> objects that collide, reach into the wall, stand out or lie under a fitting */
    private function atOdds(): array
    {
        $odd = [];
        foreach ($this->notices() as $notice) {
            if (in_array($notice->code, self::AT_ODDS, true) && preg_match('#^/inclusions/(\d+)#', $notice->pointer, $found) === 1) {
                array_push($odd, (int) $found[1], ...($notice->with === null ? [] : [$notice->with]));
            }
        }

        return $odd;
    }

    public function template(bool $mirrored): TemplateDrawing
    {
        return new TemplateDrawing($this->plan, $this->layout(), $mirrored);
    }

    public function rail(): ?TimeRail
    {
        return $this->answer?->simulation === null ? null : new TimeRail($this->answer, $this->figures);
    }

    /** How an object that has lettering or a face is laid in. */
    public function howLaid(Inclusion $object): string
    {
        return $object->reads ? ', ' . $this->plan->setup->viewed->laying() : '';
    }

    /** The school of sealing that the piece follows, and why. */
    public function sealing(): string
    {
        $sealer = $this->plan->sealer;

        return 'Sealed with ' . $sealer->words() . ': ' . $sealer->reason() . '.';
    }

    /** What is to be done to an object before it goes in, with the figure that asks for it. */
    public function treatment(Inclusion $object): string
    {
        $substance = $object->substance;
        $air = number_format(1e6 * $object->releasableAir(), 2);
        $parts = [
            $object->isDamp() ? sprintf('holds %s %% water: %s', round($substance->moisturePercent, 1), $substance->drying?->words() ?? 'dry it, about two weeks') : 'dry enough',
            match (true) {
                $substance->bleeds  => 'bleeds',
                $substance->soaks   => 'soaks up resin',
                $object->mustSeal() => "{$air} ml of air can leave it",
                default             => "{$air} ml of air at most: may go in bare",
            },
        ];
        if ($object->coats > 0) {
            $parts[] = sprintf('%d %s of %s, the last dries %s', $object->coats, $object->coats === 1 ? 'coat' : 'coats', $object->sealer->words(), $this->figures->span($object->sealer->last()));
        }

        return implode('; ', $parts) . ($substance->fades ? '; test piece first' : '') . '.';
    }

    /** @return list<PrepStep> */
    public function prepList(): array
    {
        return PrepList::of($this->plan->setup, $this->plan->purpose->finish);
    }

    /** Area, perimeter and what it holds, in a line. */
    public function vesselLine(): string
    {
        $vessel = $this->plan->vessel;
        $rim = $vessel->shape->sectionAt($vessel->fill);
        $holds = $vessel->volumeBetween(0.0, $vessel->fill);

        $over = $vessel->shape->sectionAt($vessel->fill)->area() * 1e-3;
        $runs = $this->plan->setup->making->isKept()
            ? sprintf(' Each further millimetre, %s, runs over the edge: mix that much less, or lay a higher dam.', $this->figures->volume(1e6 * $over)) : '';

        return sprintf(
            'At its fill level %s cm² and %s around; it holds %s. Half of that stands %s deep.',
            number_format(1e4 * $rim->area(), 1),
            $this->figures->length($rim->perimeter()),
            $this->figures->volume(1e6 * $holds),
            $this->figures->length($vessel->depthFor(0.5 * $holds)),
        ) . $runs;
    }

    /** How an object is held on the layer below pour k. */
    public function howSet(Inclusion $object, int $k): string
    {
        $bonded = ($this->answer->joints[$k - 1] ?? null) === Joint::Chemical;

        return match (true) {
            $object->hold === Hold::Hang                                    => ', hung from a thread',
            $k === 0                                                        => ', on the floor',
            !Buoyancy::of($object, $this->plan->resin()->density)->floats() => ', resting on the layer below',
            $bonded                                                         => ', pressed into the tacky layer',
            default                                                         => ', held with a dab: the layer is hard',
        };
    }

    /** The text of a field, or what was typed and refused. */
    public function typed(Field $field): string
    {
        $old = old("f.{$field->pointer}");

        return is_string($old) ? $old : $field->text($this->piece->document, $this->system);
    }

    /**
     * @param list<string> $codes
     *
     * @return list<Notice>
     */
    private function about(array $codes): array
    {
        return array_values(array_filter($this->notices(), fn(Notice $notice): bool => in_array($notice->code, $codes, true)));
    }

    private function hangs(): string
    {
        $layout = $this->layout();
        $count = count($layout->pours ?? []);

        return $count === 0 ? '' : "in {$count} " . ($count === 1 ? 'pour' : 'pours');
    }

    private function coolest(): string
    {
        $peaks = array_map(fn($pour): float => $pour->peakCelsius, $this->answer->simulation->pours ?? []);
        $simulation = $this->answer?->simulation;
        if ($peaks === [] || $simulation === null) {
            return '';
        }
        $k = (int) array_search(max($peaks), $peaks, true);

        return sprintf('peak %s, %s allowed', $this->figures->heat($peaks[$k]), $this->figures->heat($simulation->acceptable($k)));
    }

    private function pace(int $sanded): string
    {
        return sprintf('%s to full cure, %s', $this->figures->span($this->answer?->hours()), $sanded === 0 ? 'every joint bonded' : "{$sanded} sanded");
    }
}
