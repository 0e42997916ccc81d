<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Words\Words;
use Pensilis\Material\Sealer;
use Pensilis\Plan\Behind;
use Pensilis\Plan\Bubbling;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Fixing;
use Pensilis\Plan\Making;
use Pensilis\Plan\Recoat;
use Pensilis\Plan\Service;
use Pensilis\Plan\Tape;
use Pensilis\Plan\Viewed;
use Pensilis\Plan\Weights;
use Pensilis\Plan\Yellowing;
use Pensilis\PlanFile\Document;

/** The values of one plan file that its form shows, in groups: which there are depends on the file. */
final readonly class PlanFields
{
    /** @param array<string, mixed> $document */
    public function __construct(private array $document) {}

    /** @return list<Field> */
    public function all(): array
    {
        return array_merge(
            $this->piece(),
            $this->purpose(),
            ...array_map($this->fitting(...), array_keys($this->list('/purpose/fittings'))),
            ...[$this->vessel()->plain(), $this->vessel()->more()],
            ...[$this->studio()->room()],
            ...[$this->layering(), $this->weights()],
            ...array_map($this->pinned(...), array_keys($this->list('/layering/pinned'))),
            ...[$this->studio()->bench()],
            ...[$this->objects()->all()],
            ...array_map($this->resins()->of(...), array_keys($this->list('/resins'))),
            ...array_map($this->pour(...), array_keys($this->list('/pours'))),
            ...[$this->coats()->all()],
        );
    }

    public function coats(): CoatFields
    {
        return new CoatFields($this->document);
    }

    public function objects(): ObjectFields
    {
        return new ObjectFields($this->document);
    }

    public function vessel(): VesselFields
    {
        return new VesselFields($this->document);
    }

    public function studio(): StudioFields
    {
        return new StudioFields($this->document);
    }

    public function resins(): ResinFields
    {
        return new ResinFields($this->document);
    }

    /** @return list<Field> */
    public function piece(): array
    {
        return [Field::of('/title', FieldKind::Text)];
    }

    /** @return list<Field> what every pour keeps to */
    public function layering(): array
    {
        return [Field::optional('/layering/max_pour_mm', FieldKind::Length)];
    }

    /** @return list<Field> what is wanted of pours that are found, and how much */
    public function weights(): array
    {
        return array_map(fn(string $name): Field => Field::optional("/layering/weights/{$name}", FieldKind::Number), Weights::NAMES);
    }

    /** @return list<Field> the ends of a pour that stays where it is */
    public function pinned(int $i): array
    {
        return array_map(
            fn(string $key): Field => Field::of("/layering/pinned/{$i}/{$key}", FieldKind::Length),
            ['from_mm', 'to_mm'],
        );
    }

    /** @return list<Field> what is settled first */
    public function purpose(): array
    {
        return [
            Field::usually('/purpose/use', Words::choices(Service::cases())),
            Field::usually('/vessel/viewed', Words::choices(Viewed::cases())),
            Field::usually('/purpose/finish', Words::choices(Finish::cases())),
            ...$this->schools(),
            Field::choice('/purpose/solvents', Field::choicesOf('yes-no'), true),
            Field::usually('/purpose/behind', Words::choices(Behind::cases())),
            Field::usually('/purpose/yellowing', Words::choices(Yellowing::cases())),
        ];
    }

    /** @return list<Field> where practitioners differ: what the piece keeps to */
    public function schools(): array
    {
        return [
            Field::usually('/sealing/school', Words::choices(Sealer::cases())),
            Field::usually('/recoat/school', Words::choices(Recoat::cases())),
            Field::usually('/bubbles/school', Words::choices(Bubbling::offeredOn($this->making()))),
            Field::usually('/tape/school', Words::choices(Tape::cases())),
        ];
    }

    private function making(): Making
    {
        [$made, $shape] = [Document::value($this->document, '/vessel/made'), Document::value($this->document, '/vessel/shape')];

        return (is_string($made) ? Making::tryFrom($made) : null) ?? Making::usualFor(is_string($shape) ? $shape : '');
    }

    /** @return list<Field> what is screwed or glued on */
    public function fitting(int $i): array
    {
        $at = "/purpose/fittings/{$i}";

        return [
            Field::usually("{$at}/kind", Field::choicesOf('fitting')),
            Field::of("{$at}/at_mm/0", FieldKind::Length),
            Field::of("{$at}/at_mm/1", FieldKind::Length),
            Field::of("{$at}/radius_mm", FieldKind::Length),
            Field::optional("{$at}/depth_mm", FieldKind::Length),
            Field::usually("{$at}/from", Field::choicesOf('side')),
            Field::usually("{$at}/fix", Words::choices(Fixing::cases())),
        ];
    }

    /** @return list<Field> */
    public function pour(int $i): array
    {
        return [
            Field::of("/pours/{$i}/depth_mm", FieldKind::Length),
            Field::optional("/pours/{$i}/start_h", FieldKind::Hours),
            ...(count($this->list('/resins')) > 1 ? [Field::choice("/pours/{$i}/resin", $this->resinNames())] : []),
            ...($i > 0 ? [Field::usually("/pours/{$i}/joint", Field::choicesOf('joint'))] : []),
        ];
    }

    /** @return non-empty-array<string, string> by id */
    private function resinNames(): array
    {
        $names = [];
        foreach (array_keys($this->list('/resins')) as $n) {
            $id = Document::value($this->document, "/resins/{$n}/id");
            $name = Document::value($this->document, "/resins/{$n}/name");
            $names[is_string($id) ? $id : ''] = is_string($name) ? $name : '';
        }

        return $names === [] ? ['' => ''] : $names;
    }

    /** @return array<array-key, mixed> */
    private function list(string $pointer): array
    {
        return Document::list($this->document, $pointer);
    }
}
