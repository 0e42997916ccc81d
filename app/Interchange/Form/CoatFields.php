<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Words\Words;
use Pensilis\Colour\ColourKind;
use Pensilis\Plan\Application;
use Pensilis\Plan\Medium;
use Pensilis\PlanFile\Document;

/** The values of a plan file that say how its pours are coloured: colours, mixes, regions, steps on set surfaces. */
final readonly class CoatFields
{
    /** What each shape of a region is told by, with what it begins with. */
    public const SIZES = [
        'band'    => ['angle_deg' => 0, 'from_mm' => -10, 'to_mm' => 10],
        'half'    => ['angle_deg' => 0, 'from_mm' => 0],
        'ring'    => ['at_mm' => [0, 0], 'inner_mm' => 0, 'outer_mm' => 15],
        'outline' => ['at_mm' => [0, 0], 'path' => 'M0 0H20V20H0Z'],
        'line'    => ['points_mm' => [[-20, 0], [20, 0]], 'width_mm' => 4],
    ];

    /** @param array<string, mixed> $document */
    public function __construct(private array $document) {}

    /** @return list<Field> */
    public function all(): array
    {
        return array_merge(
            ...array_map($this->colour(...), $this->keys('/colours')),
            ...array_map($this->coat(...), $this->keys('/pours')),
        );
    }

    /** @return list<Field> */
    public function colour(int $i): array
    {
        $at = "/colours/{$i}";
        $kind = Document::value($this->document, "{$at}/kind");
        $ink = $kind === ColourKind::Ink->value;

        return [
            Field::of("{$at}/name", FieldKind::Text),
            Field::choice("{$at}/kind", Words::choices(ColourKind::cases())),
            Field::of("{$at}/shade", FieldKind::Shade, $ink ? 'ink' : ''),
            ...($ink ? [
                Field::optional("{$at}/through_mm", FieldKind::Length),
                Field::optional("{$at}/drop_ml", FieldKind::Volume),
            ] : [Field::optional("{$at}/hides_mm", FieldKind::Length)]),
            Field::optional("{$at}/density_g_ml", FieldKind::Number),
            ...($kind === ColourKind::Filler->value ? [Field::optional("{$at}/bulk_g_ml", FieldKind::Number)] : []),
            ...($ink ? [] : [Field::optional("{$at}/grain_um", FieldKind::Number)]),
            Field::optional("{$at}/solvent_pct", FieldKind::Number),
            Field::optional("{$at}/hand", FieldKind::Text),
            Field::optional("{$at}/hand_g", FieldKind::Mass),
            Field::optional("{$at}/price_per_g", FieldKind::Number),
        ];
    }

    /** @return list<Field> all that one pour says */
    public function coat(int $k): array
    {
        return [
            ...$this->ground($k),
            ...array_merge(...array_map(fn(int $z): array => $this->zone($k, $z), $this->zones($k)), ...[$this->moreZones($k)]),
            ...$this->applied($k),
        ];
    }

    /** @return list<int> */
    public function zones(int $k): array
    {
        return $this->keys("/pours/{$k}/zones");
    }

    /** @return list<Field> the mix of the ground, and how regions are kept apart */
    public function ground(int $k): array
    {
        return [
            ...$this->mix("/pours/{$k}", $this->zones($k) === [] ? 'first' : 'ground'),
            ...($this->zones($k) === [] ? [] : [
                Field::usually("/pours/{$k}/pattern", Field::choicesOf('pattern')),
                Field::usually("/pours/{$k}/covers", Field::choicesOf('covers')),
            ]),
        ];
    }

    /** @return list<Field> all of one region */
    public function zone(int $k, int $z): array
    {
        return [...$this->zoneSizes($k, $z), ...$this->mixOf($k, $z)];
    }

    /** @return list<Field> the mix of what is poured by itself */
    public function mixed(string $at): array
    {
        return $this->mix($at, 'first');
    }

    /** @return list<Field> the mix of one region, and what it is given of the coat */
    public function mixOf(int $k, int $z): array
    {
        $at = "/pours/{$k}/zones/{$z}";

        return [...$this->mix($at, 'first'), Field::optional("{$at}/share_pct", FieldKind::Number)];
    }

    /** @return list<Field> where one region lies */
    public function zoneSizes(int $k, int $z): array
    {
        $at = "/pours/{$k}/zones/{$z}";
        $shape = Document::value($this->document, "{$at}/shape");
        $fields = [
            Field::orNone("{$at}/shape", Field::choicesOf('region'), 'remove'),
            Field::optional("{$at}/name", FieldKind::Text),
        ];
        foreach (array_keys(self::SIZES[is_string($shape) ? $shape : ''] ?? []) as $key) {
            array_push($fields, ...match ($key) {
                'at_mm'     => [Field::optional("{$at}/at_mm/0", FieldKind::Length), Field::optional("{$at}/at_mm/1", FieldKind::Length)],
                'angle_deg' => [Field::optional("{$at}/{$key}", FieldKind::Number)],
                'path'      => [Field::of("{$at}/{$key}", FieldKind::Text)],
                'points_mm' => [Field::of("{$at}/{$key}", FieldKind::Profile)],
                'from_mm', 'inner_mm' => [Field::optional("{$at}/{$key}", FieldKind::Length)],
                default => [Field::of("{$at}/{$key}", FieldKind::Length)],
            });
        }

        return $fields;
    }

    /** @return list<Field> room for one region more */
    public function moreZones(int $k): array
    {
        $next = count($this->zones($k));

        return [Field::orNone("/pours/{$k}/zones/{$next}/shape", Field::choicesOf('region'), 'none', 'more')];
    }

    /** @return list<Field> */
    public function applied(int $k): array
    {
        $fields = [];
        foreach ([...$this->keys("/pours/{$k}/applied"), count($this->keys("/pours/{$k}/applied"))] as $n) {
            $at = "/pours/{$k}/applied/{$n}";
            $fields[] = Field::orNone("{$at}/kind", Words::choices(Application::cases()), 'nothing');
            if (Document::value($this->document, "{$at}/kind") !== null) {
                array_push(
                    $fields,
                    Field::optional("{$at}/says", FieldKind::Text),
                    Field::optional("{$at}/at_mm/0", FieldKind::Length),
                    Field::optional("{$at}/at_mm/1", FieldKind::Length),
                    Field::optional("{$at}/size_mm/0", FieldKind::Length),
                    Field::optional("{$at}/size_mm/1", FieldKind::Length),
                    Field::optional("{$at}/raised_mm", FieldKind::Length),
                    Field::optional("{$at}/coats", FieldKind::Whole),
                    ...$this->ofApplied($at),
                );
            }
        }

        return $fields;
    }

    /** @return list<Field> what one kind of decoration is told by */
    private function ofApplied(string $at): array
    {
        $kind = Document::value($this->document, "{$at}/kind");
        $colours = $this->palette()[0];
        $colour = $kind === Application::Drops->value ? [
            Field::choice("{$at}/colour", $this->inks()), Field::optional("{$at}/drops_per_cm2", FieldKind::Number),
        ] : ($colours === [] ? [] : [Field::orNone("{$at}/colour", $colours, 'unknown')]);
        $strewn = in_array($kind, [Application::Adhesive->value, Application::Scatter->value], true)
            ? [Field::optional("{$at}/g_per_cm2", FieldKind::Number)] : [];
        $line = in_array($kind, [Application::Adhesive->value, Application::Paint->value], true) ? range(0, 2) : [];

        return [
            ...$colour,
            ...$strewn,
            ...array_map(fn(int $i): Field => Field::optional("{$at}/line_mm/{$i}", FieldKind::Length), $line),
            ...match ($kind) {
                Application::Scatter->value   => [Field::choice("{$at}/wet", Field::choicesOf('yes-no'), true)],
                Application::Stencil->value   => [Field::usually("{$at}/medium", Words::choices(Medium::cases()))],
                Application::Lettering->value => array_map(
                    fn(int $i): Field => Field::optional("{$at}/names/{$i}", FieldKind::Text),
                    range(0, count(Document::list($this->document, "{$at}/names"))),
                ),
                default => [],
            },
        ];
    }

    /** @return non-empty-array<string, string> names of the inks of the piece, by id */
    private function inks(): array
    {
        [$colours, $kinds] = $this->palette();
        $inks = array_filter($colours, fn(string $id): bool => $kinds[$id] === ColourKind::Ink->value, ARRAY_FILTER_USE_KEY);

        return $inks === [] ? ['' => Words::say('fields.empty.no-more')] : $inks;
    }

    /** @return array{array<string, string>, array<string, mixed>} names and kinds of the colours of the piece, by id */
    private function palette(): array
    {
        [$names, $kinds] = [[], []];
        foreach ($this->keys('/colours') as $i) {
            [$id, $name, $kind] = array_map(
                fn(string $key): mixed => Document::value($this->document, "/colours/{$i}/{$key}"),
                ['id', 'name', 'kind'],
            );
            $names[is_string($id) ? $id : ''] = is_string($name) ? $name : '';
            $kinds[is_string($id) ? $id : ''] = $kind;
        }

        return [$names, $kinds];
    }

    /** @return list<Field> the colours of one mix, and room for one more where the plan has any */
    private function mix(string $at, string $first): array
    {
        [$colours, $kinds] = $this->palette();
        $fields = [];
        $parts = $this->keys("{$at}/mix");
        foreach ($colours === [] ? [] : [...$parts, count($parts)] as $n) {
            $fields[] = Field::orNone("{$at}/mix/{$n}/colour", $colours, $n === 0 ? 'clear' : 'no-more', $n === 0 ? $first : '');
            if ($n < count($parts)) {
                $id = Document::value($this->document, "{$at}/mix/{$n}/colour");
                array_push($fields, ...$this->dose("{$at}/mix/{$n}", $kinds[is_string($id) ? $id : ''] ?? null));
            }
        }

        return $fields;
    }

    /** @return list<Field> how much of one colour a mix takes: of grains by mass, or as they lie */
    private function dose(string $at, mixed $kind): array
    {
        $filled = Document::value($this->document, "{$at}/dose") === ColourKind::VOIDS_FILLED;

        return [
            ...($kind === ColourKind::Filler->value ? [Field::usually("{$at}/dose", Field::choicesOf('dose'))] : []),
            ...($filled ? [] : [$kind === ColourKind::Ink->value
                ? Field::of("{$at}/drops_per_10_ml", FieldKind::Drops) : Field::of("{$at}/pct", FieldKind::Share)]),
        ];
    }

    /** @return list<int> */
    private function keys(string $pointer): array
    {
        $list = Document::value($this->document, $pointer);

        return is_array($list) ? array_map(intval(...), array_keys($list)) : [];
    }
}
