<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Shelf\OwnGels;
use App\Models\Supply;
use App\View\Drawing\Chart;
use App\Words\Figures;
use App\Words\Words;
use Pensilis\Quantity\Figure;
use Pensilis\Quantity\Known;
use Pensilis\Quantity\Length;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Fit\Implied;
use Pensilis\Thermal\Fit\StudioFit;

/**
 * What the sheet of a resin implies, drawn and as tables, in the units of the studio.
 *
 * @phpstan-import-type GelTime from Supply
 */
final readonly class ImpliedView
{
    public function __construct(
        public Supply $supply,
        private Figures $figures,
        private CalibratedResin $resin,
        private Implied $implied,
        private ?StudioFit $fit,
    ) {}

    /** @return list<string> what an own pour can be seen to do */
    public function canSee(): array
    {
        return OwnGels::SAW;
    }

    /** @return array<string, array{string, string, string, string}> what was seen, after how long, in what room, how deep; by id */
    public function gels(): array
    {
        $gels = [];
        foreach ($this->supply->gel_times as $one) {
            $gels[$one['id']] = [
                $this->saw($one), $this->figures->span($one['hours']), $this->figures->heat($one['celsius']),
                $this->figures->length(1e-3 * $one['depth_mm']),
            ];
        }

        return $gels;
    }

    /** @param GelTime $one */
    private function saw(array $one): string
    {
        $series = $one['series'] ?? [];

        return $series === [] ? Words::say('shelf.gels.saw.' . ($one['saw'] ?? OwnGels::SAW[0]))
            : Words::say('shelf.gels.read', ['most' => $this->figures->heat(max(array_column($series, 1)))], count($series));
    }

    /** @return list<array{float, float}> where own gel times lie in the chart of windows */
    public function points(Chart $chart): array
    {
        [$first, $last] = [$this->implied->windows[0][0], $this->implied->windows[count($this->implied->windows) - 1][0]];

        return array_map(fn(array $one): array => [
            $chart->between(max(0.0, min(1.0, ($one['celsius'] - $first) / ($last - $first)))), $chart->y($one['hours']),
        ], $this->ofGel());
    }

    /** @return list<GelTime> */
    private function ofGel(): array
    {
        $saw = OwnGels::SAW[0];

        return array_values(array_filter($this->supply->gel_times, fn(array $one): bool => ($one['saw'] ?? $saw) === $saw));
    }

    /** What own gel times say of it; nothing where there are none. */
    public function fitted(): ?string
    {
        if ($this->fit === null) {
            return null;
        }
        if ($this->fit->fitted === []) {
            return Words::say('shelf.gels.agrees');
        }
        $print = fn(float $factor): string => Figure::fixed($factor, 2);
        [$least, $most] = $this->fit->confidence['rate'];
        // One measurement tells its own spread, which is not that of the resin.
        $says = Words::say(count($this->supply->gel_times) > 1 ? 'shelf.gels.rate' : 'shelf.gels.rate-of-one', [
            'rate' => $print($this->fit->values['rate']), 'least' => $print($least), 'most' => $print($most),
        ]);

        return $says . (isset($this->fit->confidence['energy'])
            ? ' ' . Words::say('shelf.gels.energy', ['doubles' => Figure::fixed($this->doubles(), 1)])
            : '');
    }

    /** K from 25 °C on that double the rate. */
    private function doubles(): float
    {
        $energy = $this->fit->values['energy'] ?? 0.0;

        return 1.0 / (1.0 / 298.15 - CureLaw::GAS_CONSTANT * log(2.0) / $energy) - 298.15;
    }

    /** @return array<string, array{Chart, list<list<string>>}> chart and rows, by what is drawn */
    public function all(): array
    {
        return ['depth' => $this->depth(), 'window' => $this->window(), 'cup' => $this->cup()];
    }

    public function runsHot(): bool
    {
        return $this->resin->sheetRunsHot;
    }

    /** @return array{Chart, list<list<string>>} */
    private function depth(): array
    {
        $shown = fn(float $metres): float => $this->figures->isUs() ? 1e3 * $metres / Length::INCH : 1e3 * $metres;
        $rooms = array_map(fn(array $one): string => $this->figures->heat($one[0]), $this->implied->depths);

        return [
            new Chart(
                $rooms,
                ['depth' => array_map(fn(array $one): float => $shown($one[1]), $this->implied->depths)],
                $this->figures->isUs() ? 'in' : 'mm',
            ),
            array_map(
                fn(array $one, string $room): array => [$room, $this->figures->length(1e-3 * floor(1e3 * $one[1]))],
                $this->implied->depths,
                $rooms,
            ),
        ];
    }

    /** @return array{Chart, list<list<string>>} */
    private function window(): array
    {
        $rooms = array_map(fn(array $one): string => $this->figures->heat($one[0]), $this->implied->windows);
        $lines = [];
        foreach (['gels', 'opens', 'closes'] as $n => $name) {
            $lines[Words::say("shelf.implied.window.{$name}")] = array_map(fn(array $one): ?float => $one[$n + 1], $this->implied->windows);
        }

        $own = array_column($this->ofGel(), 'hours');

        return [new Chart($rooms, $lines, 'h', max([0.0, ...$own])), array_map(fn(array $one, string $room): array => [
            $room,
            $one[1] === null ? '—' : $this->figures->span(Known::near($one[1])),
            $this->figures->span(Known::up($one[2])),
            $this->figures->span(Known::down($one[3])),
        ], $this->implied->windows, $rooms)];
    }

    /** @return array{Chart, list<list<string>>} */
    private function cup(): array
    {
        $masses = array_map(
            fn(array $one): string => Words::say('shelf.amount', ['amount' => $one[0], 'unit' => 'g']),
            $this->implied->cups,
        );

        return [
            new Chart($masses, [
                Words::say('shelf.implied.cup.life') => array_map(fn(array $one): float => $one[1], $this->implied->cups),
                Words::say('shelf.implied.cup.sets') => array_map(fn(array $one): ?float => $one[2]->sets, $this->implied->cups),
            ], 'h'),
            array_map(fn(array $one, string $mass): array => [
                $mass,
                $this->figures->span(Known::down($one[1])),
                $this->figures->span(Known::down($one[2]->sets)),
                $this->figures->heat(round($one[2]->peakCelsius)),
            ], $this->implied->cups, $masses),
        ];
    }
}
