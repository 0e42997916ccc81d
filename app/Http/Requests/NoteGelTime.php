<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Form\FieldKind;
use App\Interchange\Shelf\OwnGels;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\UnitSystem;

/**
 * What an own pour did: when it gelled, what a tack test found or a probe read; in what room, how deep; in any unit.
 *
 * @phpstan-import-type GelTime from \App\Models\Supply
 */
final class NoteGelTime extends FormRequest
{
    private const MOST_READINGS = 60;

    /** °C */
    private const HOTTEST = 400.0;

    /** Bounds of what can have been seen: h, °C, mm. */
    private const BOUNDS = ['hours' => [0.01, 1000.0], 'celsius' => [-30.0, 60.0], 'depth_mm' => [0.1, 2000.0]];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $wanted = ['required', 'string', 'max:' . Limits::QUANTITY];

        return [
            'saw'      => ['required', 'string', 'in:' . implode(',', OwnGels::SAW)],
            'gelled'   => $this->isProbe() ? ['nullable', 'string'] : $wanted,
            'room'     => $wanted, 'depth' => $wanted,
            'readings' => $this->isProbe() ? ['required', 'string', 'max:' . Limits::NOTE] : ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('gel');
    }

    /**
     * @return GelTime
     *
     * @throws ValidationException at the field
     */
    public function seen(UnitSystem $system): array
    {
        $said = fn(string $field): string => $this->string($field)->toString();
        $series = $this->isProbe() ? $this->series($system) : [];
        $hours = $series === [] ? $this->within('gelled', 'hours', $system, fn(): float => Duration::parse($said('gelled'))->h())
            : max(array_column($series, 0));

        return [
            'id'       => (string) Str::ulid(), 'saw' => $said('saw'), ...($series === [] ? [] : ['series' => $series]),
            'hours'    => $hours,
            'celsius'  => $this->within('room', 'celsius', $system, fn(): float => Temperature::parse($said('room'), $system)->c()),
            'depth_mm' => $this->within('depth', 'depth_mm', $system, fn(): float => Length::parse($said('depth'), $system)->mm()),
        ];
    }

    private function isProbe(): bool
    {
        return $this->input('saw') === OwnGels::PROBE;
    }

    /**
     * @return non-empty-list<array{float, float}> hours and °C, hours growing
     *
     * @throws ValidationException with what cannot be read
     */
    private function series(UnitSystem $system): array
    {
        $series = Asked::quantity(
            'readings',
            $system,
            fn(): array => FieldKind::readings($this->string('readings')->toString(), $system),
        );
        $refused = fn(string $says, int $n): ValidationException => ValidationException::withMessages([
            'readings' => Words::say("asked.gel.{$says}", ['line' => $n + 1, 'most' => self::MOST_READINGS]),
        ]);
        foreach ($series as $n => [$hour, $read]) {
            if ($hour <= ($series[$n - 1][0] ?? -1e-9) || $hour > self::BOUNDS['hours'][1] || abs($read) > self::HOTTEST) {
                throw $refused('reading', $n);
            }
        }

        return $series !== [] && count($series) <= self::MOST_READINGS ? $series : throw $refused('readings-most', count($series));
    }

    /**
     * @param key-of<self::BOUNDS> $what
     * @param callable(): float    $read
     */
    private function within(string $field, string $what, UnitSystem $system, callable $read): float
    {
        $value = round(Asked::quantity($field, $system, $read), 3);
        [$least, $most] = self::BOUNDS[$what];

        return $value >= $least && $value <= $most ? $value
            : throw ValidationException::withMessages([$field => Words::asked('gel')["{$field}.*"]]);
    }
}
