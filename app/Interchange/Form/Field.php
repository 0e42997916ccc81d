<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Interchange\PlanFile\Zoned;
use App\Words\Words;
use Pensilis\PlanFile\Document;
use Pensilis\Quantity\UnitSystem;

/** One value of a plan file that can be edited: its place, its name for people (lang/en/fields.php), how it is written. */
final readonly class Field
{
    /** Places of moments of one piece. */
    private const LONG = [FieldKind::Profile, FieldKind::Marks, FieldKind::Log];

    /**
     * @param array<string, string> $choices value → words, for a choice
     * @param string                $empty   words of none of them
     * @param string                $variant of its label
     */
    private function __construct(
        public string $pointer,
        public FieldKind $kind,
        public bool $optional = false,
        public array $choices = [],
        public string $empty = '',
        private string $variant = '',
    ) {}

    public static function of(string $pointer, FieldKind $kind, string $variant = ''): self
    {
        return new self($pointer, $kind, variant: $variant);
    }

    public static function optional(string $pointer, FieldKind $kind): self
    {
        return new self($pointer, $kind, true);
    }

    /** @param array<string, string> $choices */
    public static function choice(string $pointer, array $choices, bool $optional = false): self
    {
        return new self($pointer, FieldKind::Text, $optional, $choices, self::words('empty.usual'));
    }

    /**
     * A choice that may be left at what is usual, its first.
     *
     * @param non-empty-array<string, string> $choices
     */
    public static function usually(string $pointer, array $choices): self
    {
        return new self($pointer, FieldKind::Text, true, $choices, self::words('empty.usually', ['choice' => reset($choices)]));
    }

    /**
     * A choice of which none may be taken.
     *
     * @param array<string, string> $choices
     * @param string                $none    "none", "remove" …: words of none of them
     */
    public static function orNone(string $pointer, array $choices, string $none, string $variant = ''): self
    {
        return new self($pointer, FieldKind::Text, true, $choices, self::words("empty.{$none}"), $variant);
    }

    /** @return non-empty-array<string, string> the words of a plain choice, by value */
    public static function choicesOf(string $name): array
    {
        /** @var non-empty-array<string, string> $choices */
        $choices = trans("fields.choices.{$name}");

        return $choices;
    }

    /**
     * @param list<string> $but of those choices
     *
     * @return non-empty-array<string, string>
     */
    public static function choicesBut(string $name, array $but): array
    {
        /** @var non-empty-array<string, string> $rest */
        $rest = array_diff_key(self::choicesOf($name), array_flip($but));

        return $rest;
    }

    /**
     * Shapes that a vessel or an object may be given: a mesh is chosen by sending one.
     *
     * @param array<string, mixed> $document
     *
     * @return non-empty-array<string, string>
     */
    public static function shapes(string $name, array $document, string $at): array
    {
        return self::choicesBut($name, Document::value($document, "{$at}/shape") === 'stl' ? [] : ['stl']);
    }

    /** Whether it wants room for more than a figure. */
    public function isLong(): bool
    {
        return in_array($this->kind, self::LONG, true) || str_ends_with($this->pointer, '/path');
    }

    /** How a figure may be written, while it is; nothing for a choice or a name. */
    public function tip(UnitSystem $system): string
    {
        // The same for a thousand objects.
        /** @var array<string, string> $tips */
        static $tips = [];

        return $this->choices !== [] || $this->isLong() || $this->kind === FieldKind::Text ? ''
            : $tips["{$this->kind->name} {$system->value}"] ??= self::words('tip', ['example' => $this->kind->example($system)]);
    }

    /** How a browser lets it be written: a moment, a time of the day, or any text; what reads as neither stays as it was typed. */
    public function input(string $text): string
    {
        $isTime = preg_match('#^/studio/hours/\d+/(from|to)$#', $this->pointer) === 1;

        return match (true) {
            $this->isMoment() && preg_match('/^(\d{4}-\d\d-\d\dT\d\d:\d\d)?$/', $text) === 1 => 'datetime-local',
            $isTime && preg_match('/^(\d\d:\d\d)?$/', $text) === 1                           => 'time',
            default                                                                          => 'text',
        };
    }

    /** Whether it is a moment of one piece, which no other begins with. */
    public function isMoment(): bool
    {
        return in_array($this->pointer, Zoned::MOMENTS, true);
    }

    public function isYesOrNo(): bool
    {
        return array_keys($this->choices) === ['no', 'yes'];
    }

    public function id(): string
    {
        return 'f' . str_replace('/', '-', $this->pointer);
    }

    /** @param array<string, mixed> $document */
    public function text(array $document, UnitSystem $system): string
    {
        $value = Document::value($document, $this->pointer);
        if ($this->choices !== [] && is_bool($value)) {
            return $value ? 'yes' : 'no';
        }

        // A wall of its own figures has no name to choose.
        return is_array($value)
            && !in_array($this->kind, [FieldKind::Days, ...self::LONG], true)
            ? 'own'
            : $this->kind->print($value, $system);
    }

    /** By its place with a star for each number, else by its last key, with its index where it has one. */
    public function label(): string
    {
        return $this->labelled($this->variant);
    }

    /**
     * The same where it stands by itself, with the thing that it is of: one that follows another says more then.
     *
     * @param array<string, mixed> $document
     */
    public function alone(array $document): string
    {
        [$list, $index] = [...array_slice(explode('/', $this->pointer), 1, 2), ''];
        $named = ['inclusions' => 'id', 'resins' => 'name', 'colours' => 'name'][$list] ?? null;
        $name = $named === null ? null : Document::value($document, "/{$list}/{$index}/{$named}");
        $of = match (true) {
            $list === 'pours' && ctype_digit($index) => Words::say('piece.Pour', ['number' => (int) $index + 1]),
            is_string($name)                         => "“{$name}”",
            default                                  => '',
        };
        $label = $this->labelled($this->variant === '' ? 'alone' : $this->variant);

        return $of === '' ? $label : "{$of}, {$label}";
    }

    private function labelled(string $variant): string
    {
        // The same for a thousand objects.
        /** @var array<string, array<string, string>> $known */
        static $known = [];
        $place = (string) preg_replace('#/\d+(?=/)#', '/*', $this->pointer);
        $label = $known[$place][$variant] ??= $this->labelOf($place, $variant);
        if (!str_contains($label, ':number')) {
            return $label;
        }
        $number = preg_match('#/(\d+)/[^/]+$#', $this->pointer, $last) === 1 ? (int) $last[1] + 1 : 1;

        return strtr($label, [':number' => (string) $number]);
    }

    private function labelOf(string $place, string $variant): string
    {
        $labels = trans('fields.labels');
        $labels = is_array($labels) ? $labels : [];
        preg_match('#[^/]+(/\d+)?$#', $this->pointer, $key);
        $label = $labels[$variant === '' ? $place : "{$place}:{$variant}"]
            ?? $labels[$place] ?? $labels[(string) preg_replace('#/\d+$#', '/*', $place)] ?? $labels[$key[0] ?? ''] ?? $this->pointer;

        return is_string($label) ? $label : $this->pointer;
    }

    /** @param array<string, string> $values */
    private static function words(string $key, array $values = []): string
    {
        $words = trans("fields.{$key}", $values);

        return is_string($words) ? $words : '';
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return non-empty-list<int> numbers of a list, and one for what may be added
     */
    public static function andOneMore(array $document, string $pointer): array
    {
        return range(0, count(Document::list($document, $pointer)));
    }
}
