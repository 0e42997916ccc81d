<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\Supply;
use App\Models\SupplyKind;
use Pensilis\Batching\Batch;
use Pensilis\Plan\Finished;
use Pensilis\Plan\LaidPour;
use Pensilis\Plan\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Task;

/** What a whole piece takes, weighs and costs, against what is on the shelf. */
final readonly class PieceTotals
{
    /** @param list<Task> $tasks */
    public function __construct(private Piece $piece, private Plan $plan, private ?Layout $layout, private Figures $figures, private array $tasks) {}

    /** @return list<string> what is mixed in all, weight, balance and cost of the finished piece */
    public function finished(): array
    {
        $layout = $this->layout;
        if ($layout === null) {
            return [];
        }
        $finished = Finished::of($this->plan, $layout);
        $batches = array_map(fn(LaidPour $pour): Batch => $pour->batch, $layout->pours);
        $sum = fn(callable $of): float => array_sum(array_map($of, $batches));
        $lines = [sprintf(
            'In all %s of mix, %s: A %s (%s), B %s (%s), with what cups keep and what is held back.',
            $this->figures->volume($sum(fn(Batch $one): float => $one->volume)),
            $this->figures->mass($sum(fn(Batch $one): float => $one->mixed())),
            $this->figures->mass($sum(fn(Batch $one): float => $one->readGrams()[0])),
            $this->figures->volume($sum(fn(Batch $one): float => $one->measures()[0])),
            $this->figures->mass($sum(fn(Batch $one): float => $one->readGrams()[1])),
            $this->figures->volume($sum(fn(Batch $one): float => $one->measures()[1])),
        ), sprintf(
            'Finished it weighs %s and balances %s; hang it by what bears %s.',
            $this->figures->mass(1e3 * $finished->kilograms),
            $this->figures->place(...$finished->balance),
            $this->figures->mass(1e3 * Finished::SAFETY * $finished->kilograms),
        )];
        if ($this->plan->costs->areKnown()) {
            $hours = array_sum(array_map(fn($task): float => $task->kind->isWork() ? $task->end - $task->start : 0.0, $this->tasks));
            $resin = array_sum(array_map(fn(LaidPour $pour): float => $this->plan->costs->ofPour($pour, $this->plan->setup->pieces), $layout->pours));
            $own = $this->plan->costs->ofHours($hours);
            $lines[] = sprintf('It costs %s', number_format($resin + $own, 2))
                . ($own > 0.0 ? sprintf(': %s for resin, colours and consumables, %s for %s of yours', number_format($resin, 2), number_format($own, 2), $this->figures->span($hours)) : ' for resin, colours and consumables')
                . ($this->plan->costs->knowsResin($this->plan->resin()->id) ? '.' : ', but for the resin, whose price is not said.');
        }

        return $lines;
    }

    /** @return list<string> what the shelf has against what the whole piece takes, where it counts it: of colours only what runs low */
    public function stock(): array
    {
        $needs = [];
        foreach ($this->layout->pours ?? [] as $pour) {
            $needs[$pour->resin->name] = ($needs[$pour->resin->name] ?? 0.0) + $pour->batch->mixed();
            foreach ($pour->colourGrams() as $id => $grams) {
                $name = $this->plan->colours[$id]->name;
                $needs[$name] = ($needs[$name] ?? 0.0) + $grams * $this->plan->setup->pieces;
            }
        }
        $kept = Supply::query()->where('studio_id', $this->piece->studio_id)->whereIn('name', array_keys($needs))->whereNotNull('stock')->orderBy('name')->limit(200)->get();
        $lines = [];
        foreach ($kept->groupBy('name') as $name => $lots) {
            [$stock, $needed] = [$lots->sum(fn(Supply $lot): float => (float) $lot->stock), $needs[$name] ?? 0.0];
            [$low, $past] = [$stock - $needed <= $lots->max(fn(Supply $lot): float => $lot->low ?? 0.0), $lots->contains(fn(Supply $lot): bool => $lot->isPast())];
            if ($lots->first()?->kind === SupplyKind::Colour && !$low && !$past) {
                continue;
            }
            $lines[] = sprintf(
                '%s: the shelf has %s, the piece takes %s%s',
                $name,
                $this->figures->grams($stock),
                $this->figures->grams($needed),
                $stock < $needed ? '; ' . $this->figures->grams($needed - $stock) . ' are missing.' : ($low ? '; then it runs low.' : '.'),
            ) . ($past ? ' Some of it is past its time: test a small mix first.' : '');
        }

        return $lines;
    }
}
