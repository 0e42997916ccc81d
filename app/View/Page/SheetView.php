<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Weight;
use Pensilis\Layout\LaidPour;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\SimulatedPour;

/** The sheet that is taken to the bench: what is done before, each pour in the order of the work, what comes after. */
final readonly class SheetView
{
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
        return $this->tasks(TaskKind::Dry, TaskKind::Seal, TaskKind::Prepare, TaskKind::Compartment);
    }

    /** @return list<array{string, string}> moment and what is done */
    public function after(): array
    {
        return array_map(function (Task $task): array {
            $what = $this->view->words->fact($task->what);

            return [
                $this->view->figures->moment($task->start),
                $task->kind === TaskKind::FullCure ? Words::say('sheet.from-now', ['task' => $what]) : $what,
            ];
        }, $this->tasks(TaskKind::Drape, TaskKind::Demold, TaskKind::Finish, TaskKind::FullCure));
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
        [[$a, $b], [$aMl, $bMl]] = [$pour->batch->readings(), $pour->batch->measures()];
        $pieces = $this->view->plan->setup->pieces;

        return new SheetPour(
            $k + 1,
            $this->view->resinOf($k),
            $figures->moment($heat->startHour),
            $figures->weighed($pour->batch->device, $a),
            $figures->weighed($pour->batch->device, $b),
            $figures->mass($pour->batch->mixed()),
            Words::say('sheet.cups', ['a' => $figures->volume($aMl), 'b' => $figures->volume($bMl)]),
            array_map(fn(Task $task): string => Words::say('sheet.sand', $this->task($task)), $this->ofPour(TaskKind::Sand, $k)),
            $this->objects($pour, $k),
            [...$this->mixes($pour), $this->stirring($pour), ...$this->cups($k)],
            Words::say('sheet.pour', ['depth' => $figures->length($pour->depth())]),
            $figures->length($pour->top),
            Words::say($pieces > 1 ? 'sheet.pour-each' : 'sheet.pour-to', [
                'volume' => $figures->volume(1e6 * $pour->volume), 'pieces' => $pieces,
                'until'  => $figures->moment($heat->onClock($heat->workingUntil)),
            ]),
            [
                Words::say('sheet.bubbles'),
                ...array_map(fn(Task $task): string => Words::say('sheet.apply', $this->task($task)), $this->ofPour(TaskKind::Apply, $k)),
            ],
            Words::say(isset($this->view->layout->pours[$k + 1]) ? 'sheet.windows' : 'sheet.windows-last', [
                'peak'   => $figures->heat($heat->peakCelsius), 'sets' => $figures->moment($heat->onClock($heat->surfaceSets)),
                'opens'  => $figures->moment($heat->onClock($heat->recoatOpens)),
                'closes' => $figures->moment($heat->onClock($heat->recoatCloses)),
            ]),
        );
    }

    /** @return list<array{string, string}> */
    private function objects(LaidPour $pour, int $k): array
    {
        $lines = [];
        foreach ($pour->placed as $object) {
            $laid = $this->view->objects()->howLaid($object);
            $lines[] = [$object->name(), Words::say($laid === '' ? 'sheet.set-at' : 'sheet.set-laid', [
                'height' => $this->view->figures->length($this->view->layout?->bottomOf($object) ?? $object->targetBottom),
                'place'  => $this->view->figures->place($object->x, $object->y),
                'how'    => $this->view->objects()->howSet($object, $k), 'laid' => $laid,
            ])];
        }

        return $lines;
    }

    /** @return list<string> a step of its own where the device does not take it at once */
    private function mixes(LaidPour $pour): array
    {
        $goes = $pour->batch->goes() ?? 1;
        [$a, $b] = $pour->batch->readings();
        $reading = fn(float $amount): string => $this->view->figures->reading($pour->batch->device, $amount / $goes);

        return $goes === 1 ? [] : [Words::say('sheet.mixes', ['mixes' => $goes, 'a' => $reading($a), 'b' => $reading($b)])];
    }

    private function stirring(LaidPour $pour): string
    {
        $minutes = Session::standingMinutes($pour->resin->sheet->working);

        return Words::say($minutes > 0 ? 'sheet.stir' : 'sheet.stir-fast', ['minutes' => $minutes]);
    }

    /** @return list<string> */
    private function cups(int $k): array
    {
        $coat = $this->view->coat($k);
        $lines = array_map(fn(CupLine $cup): string => Words::say($cup->from === '' ? 'sheet.cup' : 'sheet.cup-from', [
            'cup'   => $cup->name, 'amount' => $cup->amount, 'from' => $cup->from,
            'doses' => $cup->doses === [] ? Words::say('sheet.clear') : implode('; ', $cup->doses),
        ]), $coat->cupLines());

        return $coat->isTraced() ? [...$lines, Words::say('sheet.trace', ['trace' => $coat->trace()])] : $lines;
    }

    /** @return array{task: string, start: string} */
    private function task(Task $task): array
    {
        return ['task' => $this->view->words->fact($task->what), 'start' => $this->view->figures->moment($task->start)];
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
