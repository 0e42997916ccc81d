<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Piece;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Words\Figures;
use App\Words\Words;
use Pensilis\Batching\Batch;
use Pensilis\Layout\Finished;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Task;

/** What a whole piece takes, weighs and costs, against what is on the shelf. */
final readonly class PieceTotals
{
    /**
     * @param list<Task>        $tasks
     * @param array<int, Batch> $batches by pour, in so many mixes as are made
     */
    public function __construct(
        private Piece $piece,
        private Plan $plan,
        private ?Layout $layout,
        private Figures $figures,
        private array $tasks,
        private array $batches,
    ) {}

    /** @return list<string> what is mixed in all, weight, balance and cost of the finished piece */
    public function finished(): array
    {
        $layout = $this->layout;
        if ($layout === null) {
            return [];
        }
        $finished = Finished::of($this->plan, $layout);
        $sum = fn(callable $of): float => array_sum(array_map($of, $this->batches));
        $lines = [Words::say('piece.totals.mix', [
            'volume' => $this->figures->volume($sum(fn(Batch $one): float => 1e3 * $one->mixed() / $one->resin->density)),
            'mass'   => $this->figures->mass($sum(fn(Batch $one): float => $one->mixed())),
            'a'      => $this->figures->mass($sum(fn(Batch $one): float => $one->readGrams()[0])),
            'a_ml'   => $this->figures->volume($sum(fn(Batch $one): float => $one->goes() * $one->measures()[0])),
            'b'      => $this->figures->mass($sum(fn(Batch $one): float => $one->readGrams()[1])),
            'b_ml'   => $this->figures->volume($sum(fn(Batch $one): float => $one->goes() * $one->measures()[1])),
        ]), Words::say('piece.totals.finished', [
            'mass' => $this->figures->mass(1e3 * $finished->kilograms), 'place' => $this->figures->place(...$finished->balance),
            'load' => $this->figures->load(1e3 * Finished::SAFETY * $finished->kilograms),
        ])];

        return $this->plan->costs->areKnown() ? [...$lines, ...$this->costs($layout)] : $lines;
    }

    /** @return list<string> what it costs, and what is left of the price that it is ordered for */
    private function costs(Layout $layout): array
    {
        $pieces = $this->plan->setup->pieces;
        $hours = array_sum(array_map(fn(Task $task): float => $task->kind->isWork() ? $task->end - $task->start : 0.0, $this->tasks));
        $material = array_sum(array_map(
            fn(LaidPour $pour, Batch $batch): float => $pour->costs($this->plan->costs, $pieces, $batch),
            $layout->pours,
            $this->batches,
        ));

        return [$this->cost($material, $hours), ...$this->ordered($material + $this->plan->costs->ofHours($hours))];
    }

    /** @return list<string> */
    private function ordered(float $costs): array
    {
        $price = $this->piece->order?->price;
        if ($price === null) {
            return [];
        }
        $left = $price - $costs;

        return [Words::say($left < 0.0 ? 'orders.short' : 'orders.left', [
            'price' => number_format($price, 2), 'left' => number_format(abs($left), 2),
        ])];
    }

    private function cost(float $material, float $hours): string
    {
        [$costs, $own] = [$this->plan->costs, $this->plan->costs->ofHours($hours)];
        $key = 'piece.totals.cost' . ($own > 0.0 ? '-own' : '') . ($costs->knowsResin($this->plan->resin()->id) ? '' : '-but');

        return Words::say($key, [
            'price' => number_format($material + $own, 2), 'material' => number_format($material, 2),
            'own'   => number_format($own, 2), 'hours' => $this->figures->span($hours),
        ]);
    }

    /** @return list<string> what the shelf has against what the whole piece takes, where it counts it: of colours only what runs low */
    public function stock(): array
    {
        $needs = [];
        foreach ($this->layout->pours ?? [] as $k => $pour) {
            $needs[$pour->resin->name] = ($needs[$pour->resin->name] ?? 0.0) + $this->batches[$k]->mixed();
            foreach ($pour->colourGrams() as $id => $grams) {
                $name = $this->plan->colours[$id]->name;
                $needs[$name] = ($needs[$name] ?? 0.0) + $grams * $this->plan->setup->pieces;
            }
        }
        $kept = Supply::query()->where('studio_id', $this->piece->studio_id)
            ->whereIn('name', array_keys($needs))->whereNotNull('stock')->orderBy('name')->limit(200)->get();
        [$lines, $now] = [[], $this->piece->studio->now()];
        foreach ($kept->groupBy('name') as $name => $lots) {
            [$stock, $needed] = [$lots->sum(fn(Supply $lot): float => (float) $lot->stock), $needs[$name] ?? 0.0];
            [$low, $past] = [
                $stock - $needed <= $lots->max(fn(Supply $lot): float => $lot->low ?? 0.0),
                $lots->contains(fn(Supply $lot): bool => $lot->isPast($now)),
            ];
            if ($lots->first()?->kind === SupplyKind::Colour && !$low && !$past) {
                continue;
            }
            $key = 'piece.totals.stock' . ($stock < $needed ? '-out' : ($low ? '-low' : ''));
            $lines[] = Words::say($key, [
                'name'   => (string) $name, 'stock' => $this->figures->grams($stock),
                'needed' => $this->figures->grams($needed), 'missing' => $this->figures->grams($needed - $stock),
            ]) . ($past ? ' ' . Words::say('piece.totals.past') : '');
        }

        return $lines;
    }
}
