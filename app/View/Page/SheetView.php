<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use Illuminate\Support\Str;
use Pensilis\Batching\Scale;
use Pensilis\Bench\ActKind;
use Pensilis\Bench\PourActs;
use Pensilis\Bench\Step;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Weight;
use Pensilis\Layout\LaidPour;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Applied;
use Pensilis\Quantity\Known;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\Cups;
use Pensilis\Thermal\SimulatedPour;

/** The sheet that is taken to the bench: what is done before, each pour in the order of the work, what comes after. */
final readonly class SheetView
{
    /** Characters of a step told in short. */
    private const SHORT = 80;

    public function __construct(public PieceView $view) {}

    /** Whether there is anything to pour. */
    public function isReady(): bool
    {
        return $this->view->answer?->simulation !== null && $this->view->answer->isFeasible();
    }

    /** @return list<Finding> what must be known at the bench */
    public function findings(): array
    {
        return array_values(array_filter($this->view->findings, fn(Finding $one): bool => $one->weight() !== Weight::Told));
    }

    /** @return list<Task> */
    public function before(): array
    {
        $all = $this->tasks(TaskKind::Dry, TaskKind::Seal, TaskKind::Prepare, TaskKind::Compartment);

        // What makes a later pour ready stands among the acts of that.
        return array_values(array_filter($all, fn(Task $task): bool => ($task->pour ?? 0) === 0));
    }

    /** @return list<array{string, string, string}> moment, what is done, and its id */
    public function after(): array
    {
        return array_map(function (Task $task): array {
            $what = $this->view->words->fact($task->what);

            return [
                $this->view->figures->moment($task->start),
                $task->kind === TaskKind::FullCure ? Words::say('sheet.from-now', ['task' => $what]) : $what,
                $task->id,
            ];
        }, $this->tasks(TaskKind::Drape, TaskKind::Demold, TaskKind::Finish, TaskKind::FullCure));
    }

    /** @return array<string, string> what each step that can be ticked says in short, by its id */
    public function steps(): array
    {
        $said = [];
        foreach ($this->before() as $task) {
            $said[$task->id] = $this->view->words->fact($task->what);
        }
        $said += $this->ready() + $this->kit();
        foreach ($this->pours() as $pour) {
            foreach ($pour->steps as $step) {
                $said[$step->key] = Words::say('piece.Pour', ['number' => $pour->number]) . ', ' . trim("{$step->lead} {$step->bold}");
            }
        }
        foreach ($this->after() as [, $says, $id]) {
            $said[$id] = $says;
        }

        return array_map(fn(string $one): string => rtrim(Str::limit($one, self::SHORT, '…'), '.'), $said);
    }

    /** @return array<string, string> what makes the vessel ready, in a word or two, by the id of its step */
    public function ready(): array
    {
        $said = [];
        foreach ($this->view->prepList() as $step) {
            $said["ready {$step->name}"] = $this->view->words->ready($step, 'brief');
        }

        return $said;
    }

    /** @return array<string, string> what lies ready, by the id of its step */
    public function kit(): array
    {
        $said = [];
        foreach ($this->view->kit() as $one) {
            $said["kit {$one->name}"] = $this->view->words->inside($one);
        }

        return $said;
    }

    /** @return list<SheetPour> */
    public function pours(): array
    {
        $pours = [];
        foreach ($this->view->answer->simulation->pours ?? [] as $k => $heat) {
            $pours[] = $this->pour($this->view->pour($k), $heat, $k);
        }

        return $pours;
    }

    private function pour(LaidPour $pour, SimulatedPour $heat, int $k): SheetPour
    {
        $figures = $this->view->figures;
        $batch = $this->view->batch($k);
        [[$a, $b], [$aMl, $bMl]] = [$batch->readings(), $batch->measures()];

        return new SheetPour(
            $k + 1,
            $this->view->pours()->resinOf($k),
            $figures->moment($heat->startHour),
            $figures->times($batch->mixes, $figures->weighed($batch->device, $a)),
            $figures->times($batch->mixes, $figures->weighed($batch->device, $b)),
            $figures->together($batch),
            match (true) {
                $batch->isShared => Words::say('sheet.mixed-below', [
                    'pour' => $k, 'amount' => $figures->poured($batch, $batch->fills()),
                ]),
                $batch->device instanceof Scale => Words::say('sheet.cups', [
                    'a' => $figures->volume($aMl), 'b' => $figures->volume($bMl),
                ]),
                default => '',
            },
            $batch->isShared,
            [
                ...$this->lines($pour, 'first', array_map(
                    fn(Task $task): string => Words::say('sheet.sand', $this->task($task)),
                    $this->ofPour(TaskKind::Sand, $k),
                )),
                ...$this->acts($pour, $heat, $k),
                ...$this->lines($pour, 'place', array_map(
                    fn(Task $task): string => Words::say('sheet.place', $this->task($task) + [
                        'last'   => $figures->moment($task->handling->last),
                        'places' => implode(', ', array_map(
                            fn(Inclusion $one): string => Words::say('sheet.place-at', [
                                'object' => $one->id, 'height' => $figures->length($this->view->layout?->bottomOf($one) ?? 0.0),
                            ]),
                            $pour->setIn(late: true),
                        )),
                    ]),
                    $this->ofPour(TaskKind::Place, $k),
                )),
                ...$this->lines($pour, 'name', array_merge(...array_map(
                    fn(Applied $one): array => array_map(
                        fn(string $name): string => Words::say('sheet.name', ['name' => $name]),
                        $one->names,
                    ),
                    $pour->coat->applied,
                ))),
                ...$this->lines($pour, 'apply', array_map(
                    fn(Task $task): string => Words::say('sheet.apply', $this->task($task) + ['how' => $this->how($task)]),
                    $this->ofPour(TaskKind::Apply, $k),
                )),
            ],
            Words::say(match (true) {
                !isset($this->view->layout->pours[$k + 1])  => 'sheet.windows-last',
                $this->view->layout->pours[$k + 1]->isOnWet => 'sheet.windows-wet',
                $heat->recoat()[0] === null                 => 'sheet.windows-none',
                default                                     => 'sheet.windows',
            }, [
                'next'   => $k + 2,
                'peak'   => $figures->heat($heat->peakCelsius), 'sets' => $figures->moment($heat->onClock(Known::up($heat->surfaceSets))),
                'opens'  => $figures->moment($heat->onClock($this->opens($heat, $this->next($heat, $k)))),
                'closes' => $figures->moment($heat->onClock($this->closes($heat, $this->next($heat, $k)))),
            ]),
        );
    }

    /** When the next pour may come, no finer than known, and never after the moment at which it is planned to come in time; own hours. */
    private function opens(SimulatedPour $heat, ?float $next): ?float
    {
        $told = Known::between(...$heat->recoat())[0];

        return $told !== null && $next !== null && $next >= $heat->recoatOpens ? min($told, $next) : $told;
    }

    /** Until when it may come, likewise. */
    private function closes(SimulatedPour $heat, ?float $next): ?float
    {
        $told = Known::between(...$heat->recoat())[1];

        return $told !== null && $next !== null && $next <= $heat->recoatCloses ? max($told, $next) : $told;
    }

    /** When the next pour is planned, in hours of this one. */
    private function next(SimulatedPour $heat, int $k): ?float
    {
        $next = $this->view->answer?->simulation?->pours[$k + 1] ?? null;

        return $next === null ? null : $next->startHour - $heat->startHour;
    }

    /** @return list<SheetStep> what is done for a pour, in the order of the work */
    private function acts(LaidPour $pour, SimulatedPour $heat, int $k): array
    {
        $layout = $this->view->layout;
        $below = $this->view->answer->joints[$k - 1] ?? null;
        $steps = [];
        $before = '';
        foreach ($layout === null ? [] : PourActs::of($this->view->plan, $layout, $k, $below)->steps() as $step) {
            $act = $step->act;
            $more = implode(' ', array_map($this->view->words->fact(...), $act->more()));
            $says = trim("{$this->view->words->fact($act->what)} {$more}");
            // What is a moment's work stands with what comes after it.
            if (in_array($act->kind, [ActKind::Wipe, ActKind::Jars], true)) {
                $before = trim("{$before} {$says}");
                continue;
            }
            $last = $act->goesOn ? array_pop($steps) : null;
            $now = match (true) {
                $last !== null               => [$last->with($says)],
                $act->objects !== []         => SheetObjects::of($this->view, $step, $more)->steps(),
                $act->kind === ActKind::Fill => [$this->filling($pour, $heat, $k, $step, $more)],
                default                      => [new SheetStep($step->id, $says)],
            };
            $now[0] = $now[0]->after($before);
            [$steps, $before] = [[...$steps, ...$now], ''];
            // Doses stand where they are stirred in.
            $doses = $pour->coat->isColoured() ? ActKind::Colour : ActKind::Mix;
            $steps = [
                ...$steps,
                ...($act->kind === ActKind::Mix ? $this->lines($pour, 'mix', $this->mixes($k)) : []),
                ...($act->kind === $doses ? $this->lines($pour, 'cup', $this->cups($k)) : []),
            ];
        }

        return $steps;
    }

    /**
     * @param list<string> $lines
     *
     * @return list<SheetStep>
     */
    private function lines(LaidPour $pour, string $what, array $lines): array
    {
        return array_map(
            fn(string $line, int $n): SheetStep => new SheetStep("{$pour->id} {$what} {$n}", $line),
            $lines,
            array_keys($lines),
        );
    }

    private function filling(LaidPour $pour, SimulatedPour $heat, int $k, Step $step, string $more): SheetStep
    {
        [$figures, $pieces] = [$this->view->figures, $this->view->plan->setup->pieces];

        return new SheetStep(
            $step->id,
            Words::say('sheet.pour', ['depth' => $figures->length($pour->depth())]),
            $figures->length($pour->top),
            implode(' ', [Words::say($pieces > 1 ? 'sheet.pour-each' : 'sheet.pour-to', [
                'ground' => self::ground($this->view), 'volume' => $figures->volume(1e6 * $pour->volume), 'pieces' => $pieces,
                'until'  => $figures->moment($this->workable($heat, $k)),
            ]), $this->view->words->fact($step->act->what), $more]),
        );
    }

    /** Until when a pour can be worked, on the clock: no longer than the mix that it comes out of. */
    private function workable(SimulatedPour $heat, int $k): ?float
    {
        $until = $heat->onClock(Known::down($heat->workingUntil));
        $below = $this->view->pour($k)->batch->isShared ? $this->view->answer?->simulation?->pours[$k - 1] : null;

        return $below === null || $until === null ? $until : min($until, $this->workable($below, $k - 1) ?? $until);
    }

    /** What heights are measured from, in a word. */
    public static function ground(PieceView $view): string
    {
        return Words::say($view->plan->setup->making->isKept() ? 'sheet.ground' : 'sheet.floor');
    }

    /** @return list<string> a step of its own where it goes into several cups */
    private function mixes(int $k): array
    {
        $batch = $this->view->batch($k);
        [$a, $b] = $batch->readings();
        $reading = fn(float $amount): string => $this->view->figures->reading($batch->device, $amount);

        return $batch->mixes < 2 ? [] : [
            Words::say('sheet.mixes', ['mixes' => $batch->mixes, 'a' => $reading($a), 'b' => $reading($b)]),
        ];
    }

    /** @return list<string> */
    private function cups(int $k): array
    {
        $coat = $this->view->pours()->coat($k);
        $lines = array_map(fn(CupLine $cup): string => Words::say($cup->from === '' ? 'sheet.cup' : 'sheet.cup-from', [
            'cup'   => $cup->name, 'amount' => $cup->amount, 'from' => $cup->from,
            'doses' => $cup->doses === [] ? Words::say('sheet.clear') : implode('; ', $cup->doses),
        ]), $coat->cupLines());

        return $coat->isTraced() && $coat->trace() !== '' ? [...$lines, Words::say('sheet.trace', ['trace' => $coat->trace()])] : $lines;
    }

    /** @return array{task: string, start: string} */
    private function task(Task $task): array
    {
        return ['task' => $this->view->words->fact($task->what), 'start' => $this->view->figures->moment($task->start)];
    }

    private function how(Task $task): string
    {
        $how = $task->what->values['how'] ?? '';

        return $how instanceof Fact ? $this->view->words->inside($how) : '';
    }

    /** @return list<Task> */
    private function tasks(TaskKind ...$kinds): array
    {
        return array_values(array_filter($this->view->answer->tasks ?? [], fn(Task $task): bool => in_array($task->kind, $kinds, true)));
    }

    /** @return list<Task> */
    private function ofPour(TaskKind $kind, int $k): array
    {
        return array_values(array_filter($this->tasks($kind), fn(Task $task): bool => $task->pour === $k));
    }
}
