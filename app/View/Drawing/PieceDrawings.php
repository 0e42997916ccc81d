<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Models\Photograph;
use App\Words\Figures;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Viewed;
use Pensilis\PlanFile\Document;

/** The drawings of a piece, made once for a page: section, plan, and the face or side that will be seen where there is colour to it. */
final readonly class PieceDrawings
{
    public SectionDrawing $section;

    public PlanDrawing $plan;

    public ?FaceDrawing $face;

    public ?SideDrawing $side;

    /** @var list<int> pours that have regions */
    public array $divided;

    /** The pour whose regions the plan shows: the one asked for, else the last that has any. */
    public ?int $shown;

    /** The regions of that pour. */
    public ?RegionDrawing $regions;

    /**
     * @param list<int>            $odd      numbers of the objects of which something is to be looked at
     * @param array<string, mixed> $document the plan file
     */
    public function __construct(
        Plan $plan,
        ?Layout $layout,
        array $odd,
        Figures $figures,
        public Gaze $gaze,
        ?Photograph $photograph,
        bool $isColoured,
        array $document,
    ) {
        $this->divided = array_keys(array_filter($layout->pours ?? [], fn(LaidPour $pour): bool => $pour->coat->zones !== []));
        $this->shown = in_array($gaze->coat, $this->divided, true) ? $gaze->coat : ($this->divided[count($this->divided) - 1] ?? null);
        $this->section = new SectionDrawing($plan, $layout, $figures, $gaze, $odd);
        $this->plan = new PlanDrawing(
            $plan,
            $figures,
            $gaze,
            $photograph,
            $odd,
        );
        $zones = array_values(array_filter(Document::list($document, "/pours/{$this->shown}/zones"), is_array(...)));
        $this->regions = $layout === null || $this->shown === null
            ? null
            : new RegionDrawing($this->shown, $layout->pours[$this->shown], $this->plan, $zones, $figures->system);
        $bySides = $plan->setup->viewed === Viewed::Sides;
        $fromFloor = $gaze->turned || $plan->setup->viewed === Viewed::Bottom;
        $this->face = $layout === null || !$isColoured || $bySides ? null : new FaceDrawing($plan, $layout, $this->plan, $fromFloor);
        $this->side = $layout === null || !$isColoured || !$bySides ? null : new SideDrawing($plan, $layout, $this->section);
    }
}
