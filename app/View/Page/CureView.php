<?php

declare(strict_types=1);

namespace App\View\Page;

use App\View\Drawing\Bands;
use App\View\Drawing\CureDrawing;
use App\View\Drawing\DrawnObject;
use App\View\Drawing\SectionDrawing;
use App\View\Drawing\TintedSection;
use App\Words\Words;
use Closure;
use Pensilis\Layout\LaidPour;
use Pensilis\Material\Inclusion;
use Pensilis\Quantity\Known;
use Pensilis\Quantity\Temperature;
use Pensilis\Simulation\CureFilm;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Fit\LeftCup;
use Pensilis\Thermal\Room\HotAir;
use Pensilis\Thermal\SimulatedPour;

/** The cure of one pour as its page shows it: field, section, curves, what its objects meet, and all of it as a table. */
final readonly class CureView
{
    /** Frames between two rows of the table. */
    private const EVERY = 6;

    /** Share of the hours from which on the name of a moment stands left of it. */
    private const LATE = 0.85;

    public Bands $bands;

    public CureDrawing $drawing;

    public TintedSection $section;

    /**
     * @param float|null   $chosen m above the floor, where a further curve is wanted
     * @param LeftCup|null $cup    its largest cup, left full
     */
    public function __construct(
        public PieceView $piece,
        public LaidPour $pour,
        public int $index,
        private Simulation $simulation,
        private CureFilm $film,
        public bool $ofHeat,
        public int $frame,
        private ?float $chosen,
        private ?LeftCup $cup,
        public ?Otherwise $otherwise,
    ) {
        $this->bands = $ofHeat ? Bands::heat(...[...$this->span(), $piece->system]) : Bands::cure();
        $this->drawing = new CureDrawing($film, $this->bands, $ofHeat, $piece->figures);
        $this->section = new TintedSection(
            new SectionDrawing($piece->plan, $piece->layout, $piece->figures, $piece->gaze),
            $piece->plan->vessel,
        );
    }

    private function simulated(): SimulatedPour
    {
        return $this->simulation->pours[$this->index];
    }

    /** @return array{float, float} °C, the least and the greatest of all frames */
    private function span(): array
    {
        [$least, $greatest] = [INF, -INF];
        foreach ($this->film->frames as $frame) {
            foreach ($frame->kelvin as $row) {
                [$least, $greatest] = [min($least, ...$row), max($greatest, ...$row)];
            }
        }

        return [$least - Temperature::ZERO_CELSIUS, $greatest - Temperature::ZERO_CELSIUS];
    }

    /** @return list<string> one a frame: the bands of the cells of the section */
    public function frames(): array
    {
        return array_map($this->text(...), range(0, CureFilm::FRAMES));
    }

    public function text(int $frame): string
    {
        $level = $this->film->level($frame);

        return $this->section->text(function (float $height, float $share) use ($frame, $level): ?int {
            $value = $height > $level ? null : $this->drawing->valueAt($frame, $height, $share * $this->film->radius);

            return $value === null ? null : $this->bands->of($value);
        });
    }

    /** @return list<string> when each frame is: hours from the pour, and the clock */
    public function moments(): array
    {
        return array_map($this->moment(...), range(0, CureFilm::FRAMES));
    }

    public function moment(int $frame): string
    {
        $hour = $this->film->hour($frame);

        return Words::say('cure.moment', [
            'span'   => $this->piece->figures->span($hour),
            'moment' => $this->piece->figures->moment($this->simulated()->onClock($hour)),
        ]);
    }

    public function frameX(int $frame): float
    {
        return $this->drawing->x($this->film->hour($frame));
    }

    /** @return list<DrawnObject> */
    public function objects(): array
    {
        return $this->section->section->objects();
    }

    /** @return list<array{string, string, Closure(int): (float|null)}> letter and name of a place whose curve is drawn, and its reading */
    public function places(): array
    {
        [$bottom, $top] = [$this->pour->bottom, $this->pour->top];
        $inside = 1e-3 * ($top - $bottom);
        $places = [
            ['face', $top - $inside, 0.0], ['middle', 0.5 * ($bottom + $top), 0.0], ['foot', $bottom + $inside, 0.0],
            ['wall', 0.5 * ($bottom + $top), $this->film->radius],
            ...($this->chosen === null ? [] : [['chosen', $this->chosen, 0.0]]),
        ];

        $readings = array_map(fn(array $place): array => [
            Words::say("cure.places.{$place[0]}", ['height' => $this->piece->figures->length($place[1])]),
            fn(int $frame): ?float => $this->drawing->valueAt($frame, $place[1], $place[2]),
        ], $places);
        if ($this->cup !== null) {
            $peak = $this->piece->figures->heat(round($this->cup->peakCelsius));
            $readings[] = [Words::say('cure.places.cup', ['peak' => $peak]), $this->inCup(...)];
        }

        return array_map(fn(array $one, int $n): array => [chr(ord('a') + $n), ...$one], $readings, array_keys($readings));
    }

    private function inCup(int $frame): ?float
    {
        $hour = $this->film->hour($frame);

        return $this->ofHeat ? $this->cup?->celsius($hour) : $this->cup?->conversion($hour);
    }

    /** @return list<array{name: string, points: string, x: float, y: float}> */
    public function curves(): array
    {
        return $this->drawing->curves(array_map(fn(array $place): array => [$place[0], $place[2]], $this->places()));
    }

    /** @return list<array{x: float, isLate: bool, says: string}> moments of the pour that lie on the axis */
    public function marks(): array
    {
        $heat = $this->simulated();
        $moments = ['gels' => $heat->gelFirst, 'set' => $heat->gelLast, 'opens' => $heat->recoatOpens, 'closes' => $heat->recoatCloses,
            'demold'       => $heat->demold];
        $marks = [];
        foreach ($moments as $name => $hour) {
            if ($hour !== null && $hour <= $this->film->hours) {
                $marks[] = [
                    'x'    => $this->drawing->x($hour), 'isLate' => $hour > self::LATE * $this->film->hours,
                    'says' => Words::say("cure.marks.{$name}"),
                ];
            }
        }

        return $marks;
    }

    /** @return list<array{string, list<string>}> moment, and what is read at each place */
    public function table(): array
    {
        return array_map(fn(int $frame): array => [
            $this->moment($frame),
            array_map(
                fn(array $place): string => $this->drawing->says($place[2]($frame)),
                $this->places(),
            ),
        ], range(0, CureFilm::FRAMES, self::EVERY));
    }

    /** @return list<array{string, string, string, string}> name, greatest heat, drift if it goes in at once, and when it may go in */
    public function meets(): array
    {
        $lines = [];
        foreach ($this->piece->plan->inclusions as $inclusion) {
            if ($inclusion->displaced($this->pour->bottom, $this->pour->top, $this->simulation->layout->bottomOf($inclusion)) > 0.0) {
                $lines[] = $this->met($inclusion);
            }
        }

        return $lines;
    }

    /** @return array{string, string, string, string} */
    private function met(Inclusion $inclusion): array
    {
        $figures = $this->piece->figures;
        $heat = $this->simulation->greatestAt($inclusion);
        $limit = $inclusion->substance->greatestCelsius;
        $placement = $this->simulation->placementOf($inclusion);
        [$from, $to] = Known::between($placement?->opens, $placement?->closes);
        $isHere = $placement !== null && $this->simulation->isPlacedIn($inclusion, $this->index);

        return [
            $inclusion->name(),
            ($heat === null ? '—' : $figures->heat(round($heat)))
                . ($limit === null ? '' : ' ' . Words::say('cure.bears', ['limit' => $figures->heat($limit)])),
            $isHere ? $this->drifts($placement->drift) : '—',
            match (true) {
                !$isHere                               => '—',
                $placement->opens <= 0.0               => Words::say('cure.at-once'),
                $placement->opens > $placement->closes => Words::say('cure.never'),
                default                                => Words::say('cure.between', [
                    'from' => $figures->span($from), 'to' => $figures->span($to),
                ]),
            },
        ];
    }

    private function drifts(float $metres): string
    {
        return abs($metres) < 5e-5
            ? Words::say('cure.stays')
            : Words::say($metres > 0.0 ? 'cure.sinks' : 'cure.rises', ['by' => $this->piece->figures->length(abs($metres))]);
    }

    /** What a pass with hot air does to its face. */
    public function hotAir(): string
    {
        $room = $this->piece->plan->ambient->at(3600.0 * $this->simulated()->startHour) - Temperature::ZERO_CELSIUS;

        return Words::say('cure.if.hot-air', ['heat' => $this->piece->figures->heat(round($room + HotAir::warms($this->pour->resin)))]);
    }

    /** All of it, a line for each moment and place. */
    public function csv(): string
    {
        $lines = ['hour,height_mm,from_axis_mm,celsius,conversion_pct'];
        foreach ($this->film->frames as $n => $frame) {
            $hour = sprintf('%.3f', $this->film->hour($n));
            foreach ($frame->kelvin as $j => $row) {
                $height = sprintf('%.2f', 500.0 * ($this->film->lattice->rows[$j][0] + $this->film->lattice->rows[$j][1]));
                foreach ($row as $i => $kelvin) {
                    $lines[] = "{$hour},{$height}," . sprintf(
                        '%.2f,%.2f,%.2f',
                        1e3 * $this->film->lattice->middles[$i],
                        $kelvin - Temperature::ZERO_CELSIUS,
                        100.0 * $frame->alpha[$j][$i],
                    );
                }
            }
        }

        return implode("\r\n", $lines) . "\r\n";
    }
}
