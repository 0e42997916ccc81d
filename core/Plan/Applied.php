<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Colour\Colourant;
use Pensilis\Fact\Fact;

/**
 * Something applied on the surface of a pour, set or wet: what, what it says, where its middle is and how large it is, and what of ink,
 * grains, leaf or glue it takes. It knows when it can begin, how long it takes and what the next coat must level. Metres.
 */
final readonly class Applied
{
    /** Hours left over between a step that has dried and the next pour, so that nothing is hurried (memory). */
    private const SLACK = 0.1;

    /**
     * @param list<string>   $names  of the copies of a set, one after another
     * @param Colourant|null $colour of the ink that is dropped, or of what else is applied
     * @param float          $raised how far it stands up, m
     * @param float          $grams  of what is strewn or laid on a square metre
     * @param int            $coats  in which it is laid, each dry before the next
     * @param float|null     $face   m² that it covers, where that is not the rectangle
     */
    public function __construct(
        public Application $application,
        public string $says,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public bool $isWet = false,
        public Medium $medium = Medium::Paint,
        public array $names = [],
        public ?Colourant $colour = null,
        private float $perSquareMetre = 0.0,
        private float $raised = 0.0,
        public int $coats = 1,
        private ?GlueLine $line = null,
        private float $grams = 0.0,
        private ?float $face = null,
    ) {}

    /** m² that it covers. */
    public function area(): float
    {
        return $this->face ?? $this->width * $this->height;
    }

    /** Whether it covers all of the face. */
    public function isAll(): bool
    {
        return $this->face !== null;
    }

    /** What the coat that levels it takes more, m³: its height on all of its area, as sequins stand up, and what is drawn in a line. */
    public function levelling(): float
    {
        return $this->raised * $this->area() + ($this->line?->volume() ?? 0.0);
    }

    /** Drops of ink on all of it, whole ones. */
    public function drops(): int
    {
        return (int) round($this->perSquareMetre * $this->area());
    }

    /** Whether both reach one place. */
    public function meets(self $other): bool
    {
        return abs($this->x - $other->x) < 0.5 * ($this->width + $other->width)
            && abs($this->y - $other->y) < 0.5 * ($this->height + $other->height);
    }

    /** ml of ink in them */
    public function ink(): float
    {
        return $this->drops() * ($this->colour->drop ?? 0.0);
    }

    /** What it must find the surface like. */
    public function readiness(): string
    {
        return match (true) {
            $this->isWet                    => 'on-wet',
            $this->application->wantsTack() => 'on-tack',
            default                         => 'on-firm',
        };
    }

    /** What it is, and what it says. */
    public function fact(): Fact
    {
        $fact = $this->says === ''
            ? new Fact('applied.bare', ['kind' => $this->application])
            : new Fact('applied.says', ['kind' => $this->application, 'says' => $this->says]);
        if ($this->line !== null) {
            $fact = new Fact('applied.line', ['applied' => $fact, 'line_ml' => 1e6 * $this->line->volume()]);
        }

        if ($this->grams > 0.0) {
            $fact = new Fact('applied.amount', ['applied' => $fact, 'amount_g' => $this->grams * $this->area()]);
        }

        return $this->coats > 1 ? new Fact('applied.coats', ['applied' => $fact, 'coats' => $this->coats]) : $fact;
    }

    /** How it is done, and what is looked for (common practice). */
    public function how(): Fact
    {
        return new Fact('how.' . match ($this->application) {
            Application::Stencil => $this->medium->isLiftedWet() ? 'stencil-wet' : 'stencil-dry',
            default              => $this->application->value,
        });
    }

    /** Whether any of it lies within a radius about a place in plan. */
    public function reaches(float $x, float $y, float $radius): bool
    {
        return hypot(max(abs($x - $this->x) - 0.5 * $this->width, 0.0), max(abs($y - $this->y) - 0.5 * $this->height, 0.0)) < $radius;
    }

    /** Whether it must be laid so that it reads from behind. */
    public function isMirrored(Viewed $viewed): bool
    {
        return $this->application->reads() && $viewed === Viewed::Bottom;
    }

    /**
     * When it can begin, in hours after the pour below began: at the opening of the recoat window where it wants tack, else halfway through
     * it (memory), when the surface is firm and the next coat still bonds.
     */
    public function ready(float $opens, float $closes): float
    {
        return $this->application->wantsTack() ? $opens : 0.5 * ($opens + $closes);
    }

    /** Hours from the first stroke to the last: each of its coats dries before the next. */
    public function hands(): float
    {
        return $this->coats * $this->application->working() + ($this->coats - 1) * $this->application->drying();
    }

    /** Hours until the next coat may come, from its beginning. */
    public function takes(): float
    {
        return $this->hands() + $this->application->drying() + self::SLACK;
    }
}
