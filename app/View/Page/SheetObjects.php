<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use Pensilis\Bench\Step;
use Pensilis\Material\Inclusion;

/** The objects that are set in one act as the sheet names them: those alike, at one height, in one line with all their places. */
final readonly class SheetObjects
{
    /** Places that are told in one line; of more the template has each. */
    private const IN_LINE = 6;

    private function __construct(private PieceView $view, private Step $step, private string $more) {}

    /** @param string $more what is looked at and heeded */
    public static function of(PieceView $view, Step $step, string $more): self
    {
        return new self($view, $step, $more);
    }

    /** @return list<SheetStep> */
    public function steps(): array
    {
        $alike = [];
        foreach ($this->step->act->objects as $object) {
            $alike[implode('|', [$object->kind(), $this->height($object), $this->view->objects()->howLaid($object)])][] = $object;
        }

        return array_map($this->step(...), array_values($alike));
    }

    /** @param non-empty-list<Inclusion> $objects alike */
    private function step(array $objects): SheetStep
    {
        [$first, $count] = [$objects[0], count($objects)];
        $laid = $this->view->objects()->howLaid($first);
        $set = Words::say($count === 1 ? 'sheet.set-at' : 'sheet.set-many', [
            'height' => $this->height($first), 'ground' => SheetView::ground($this->view), 'place' => $this->places($objects),
            'how'    => $this->view->words->inside($this->step->act->what),
        ]);
        $says = [
            ($laid === '' ? $set : Words::say('sheet.set-laid', ['set' => $set, 'laid' => $laid])) . '.',
            $this->more,
            $this->proud($first),
        ];

        return new SheetStep(
            "{$this->step->pour} set {$first->id}",
            Words::say('sheet.Set'),
            $count === 1 ? $first->name() : Words::say('sheet.many', ['count' => $count, 'object' => $first->kind()]),
            implode(' ', array_filter($says, fn(string $one): bool => $one !== '')),
        );
    }

    /** @param non-empty-list<Inclusion> $objects */
    private function places(array $objects): string
    {
        $places = array_merge(...array_map(fn(Inclusion $object): array => $object->places(), $objects));
        $each = array_map(fn(array $place): string => $this->view->figures->place(...$place), $places);
        $place = match (true) {
            count($each) === 1           => $each[0],
            count($each) > self::IN_LINE => Words::say('sheet.places-of-template', ['count' => count($each)]),
            default                      => Words::say('sheet.places', ['places' => implode('; ', $each)]),
        };
        $pieces = $this->view->plan->setup->pieces;

        return $pieces > 1 ? Words::say('sheet.each', ['place' => $place, 'pieces' => $pieces]) : $place;
    }

    /** What is meant to stay out of the resin; nothing for all others. */
    private function proud(Inclusion $object): string
    {
        $out = $this->bottom($object) + $object->solid->height() - $this->view->plan->vessel->fill;

        return $object->cover < 0.0 && $out > 0.0 ? Words::say('sheet.proud', ['proud' => $this->view->figures->length($out)]) : '';
    }

    private function height(Inclusion $object): string
    {
        return $this->view->figures->length($this->bottom($object));
    }

    private function bottom(Inclusion $object): float
    {
        return $this->view->layout?->bottomOf($object) ?? $object->targetBottom;
    }
}
