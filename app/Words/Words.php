<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use Illuminate\Support\Arr;
use Illuminate\Support\Str;
use Illuminate\Translation\MessageSelector;
use OutOfBoundsException;
use Pensilis\Exception\PensilisException;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Finding;
use Pensilis\Quantity\Figure;
use Pensilis\Quantity\Keyed;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\Quantity;
use Pensilis\Quantity\UnitSystem;

/** Turns what the core found, refused and planned into words of lang/, in the units of a studio. */
final readonly class Words
{
    /** Of things listed in a sentence so many are named at the most. */
    private const NAMED = 4;

    public function __construct(private UnitSystem $system) {}

    /** As the command line says it. */
    public static function metric(): self
    {
        return new self(UnitSystem::Metric);
    }

    public function finding(Finding $finding): string
    {
        return $this->fill(self::line('findings', $finding->code->value, 'says'), [...$finding->quantities, ...$finding->names]);
    }

    /** The label of the press that mends it. */
    public function mend(Finding $finding): string
    {
        return $this->fill(self::line('findings', $finding->code->value, 'mend'), [...$finding->quantities, ...$finding->names]);
    }

    public function refusal(PensilisException $refusal): string
    {
        return $this->fill(self::line('refusals', $refusal->fact()->name), $refusal->fact()->values);
    }

    /** A task or a device, as it begins a line. */
    public function fact(Fact $fact): string
    {
        return Str::ucfirst($this->inside($fact));
    }

    /** The same inside a sentence; a text of the user's own stays as it is. */
    public function inside(Fact|string $fact): string
    {
        return is_string($fact) ? $fact : $this->replace(self::line('facts', $fact->name), $fact->values);
    }

    /** Something to make ready: "what", "brief" or "why". */
    public function ready(Fact $step, string $part): string
    {
        return $this->replace(self::line('ready', $step->name, $part), $step->values);
    }

    /** The words of a value that is chosen, or what another list of lang/en/choices.php says of it; nothing where that is silent. */
    public static function choice(BackedEnum $value, string $list = ''): string
    {
        $words = self::list('choices', $list === '' ? Str::kebab(class_basename($value)) : $list)[$value->value] ?? '';

        return is_string($words) ? $words : '';
    }

    /**
     * Words of all cases, by value, for a form.
     *
     * @param non-empty-list<BackedEnum> $cases
     *
     * @return non-empty-array<string, string>
     */
    public static function choices(array $cases): array
    {
        $words = [];
        foreach ($cases as $case) {
            $words[(string) $case->value] = self::choice($case);
        }

        return $words;
    }

    /** @return list<string> what is to be done and looked for, one after another */
    public static function checks(BackedEnum $value): array
    {
        $checks = self::list('choices', 'checks')[$value->value] ?? [];

        return is_array($checks) ? array_values(array_filter($checks, is_string(...))) : [];
    }

    /**
     * A line of lang/, filled.
     *
     * @param array<string, int|float|string> $values
     */
    public static function say(string $key, array $values = [], ?int $count = null): string
    {
        $words = $count === null ? trans($key, $values) : trans_choice($key, $count, $values);

        return is_string($words) && $words !== $key ? $words : throw new OutOfBoundsException("lang/en has no words for {$key}.");
    }

    /**
     * What is wrong with a form, by rule.
     *
     * @param array<string, string> $values
     *
     * @return array<string, string>
     */
    public static function asked(string $form, array $values = []): array
    {
        $values += Limits::said();
        $filled = array_combine(array_map(fn(string $name): string => ":{$name}", array_keys($values)), $values);
        $messages = [];
        foreach (self::list('asked', $form) as $rule => $message) {
            $messages[(string) $rule] = strtr(is_string($message) ? $message : '', $filled);
        }

        return $messages;
    }

    /** @param array<string, mixed> $values */
    private function fill(string $line, array $values): string
    {
        return Str::ucfirst($this->replace($line, $values));
    }

    /** @param array<string, mixed> $values */
    private function replace(string $line, array $values): string
    {
        if (str_contains($line, '|')) {
            $chosen = (new MessageSelector())->choose($line, is_int($values['count'] ?? null) ? $values['count'] : 1, 'en');
            $line = is_string($chosen) ? $chosen : $line;
        }
        $filled = [];
        foreach ($values as $name => $value) {
            $filled[':' . Keyed::bare($name)] = $this->value($name, $value);
        }

        if (preg_match_all('/(?<!\w):[a-z]+/', $line, $places) > 0 && ($empty = array_diff($places[0], array_keys($filled))) !== []) {
            throw new OutOfBoundsException('Nothing fills ' . implode(', ', $empty) . " of “{$line}”.");
        }

        return strtr($line, $filled);
    }

    private function value(string $name, mixed $value): string
    {
        return match (true) {
            $value instanceof Mass     => $this->mass($value->g()),
            $value instanceof Quantity => $value->print($this->system),
            $value instanceof Fact     => $this->replace(
                self::line($name === 'cause' ? 'refusals' : 'facts', $value->name),
                $value->values,
            ),
            $value instanceof BackedEnum => self::choice($value),
            is_int($value), is_float($value) => $this->value($name, Keyed::quantity($name, $value)),
            is_array($value) => self::listed(
                array_map(fn(mixed $one): mixed => $one instanceof Fact ? $this->inside($one) : $one, $value),
                $name === 'objects' ? self::NAMED : PHP_INT_MAX,
            ),
            $name === 'what' => self::line('values', is_string($value) ? $value : ''),
            default          => is_scalar($value) ? (string) $value : '',
        };
    }

    /** No finer than a sentence needs; in US units ounces stand beside the grams of the scale. */
    private function mass(float $grams): string
    {
        $said = Figure::short($grams, $grams < 1.0 ? 3 : ($grams < 100.0 ? 1 : 0)) . ' g';

        return $this->system === UnitSystem::Us ? "{$said} (" . Mass::grams($grams)->print($this->system) . ')' : $said;
    }

    /** @param array<array-key, string> $names as in "left, middle and right" */
    public static function joined(array $names): string
    {
        return Arr::join(array_values($names), ', ', self::say('figures.and'));
    }

    /** @param array<array-key, mixed> $names */
    private static function listed(array $names, int $most): string
    {
        $names = array_values(array_filter($names, is_string(...)));
        $more = count($names) - $most + 1;

        return $more <= 1 ? implode(', ', $names) : implode(', ', array_slice($names, 0, $most - 1)) . " and {$more} more";
    }

    private static function line(string $file, string $key, ?string $part = null): string
    {
        $found = self::all($file)[$key] ?? null;
        $line = $part === null ? $found : (is_array($found) ? $found[$part] ?? null : null);

        return is_string($line)
            ? $line
            : throw new OutOfBoundsException("lang/en/{$file}.php has no words for {$key}" . ($part === null ? '' : ", {$part}") . '.');
    }

    /** @return array<array-key, mixed> */
    private static function list(string $file, string $name): array
    {
        $list = self::all($file)[$name] ?? [];

        return is_array($list) ? $list : [];
    }

    /** @return array<array-key, mixed> */
    private static function all(string $file): array
    {
        $all = trans()->get($file);

        return is_array($all) ? $all : [];
    }
}
