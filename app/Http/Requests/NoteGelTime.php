<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\UnitSystem;

/** When an own pour gelled: after how long, in what room, how deep; in any unit. */
final class NoteGelTime extends FormRequest
{
    /** Bounds of what can have been seen: h, °C, mm. */
    private const BOUNDS = ['hours' => [0.01, 1000.0], 'celsius' => [-30.0, 60.0], 'depth_mm' => [0.1, 2000.0]];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return array_fill_keys(['gelled', 'room', 'depth'], ['required', 'string', 'max:' . Limits::QUANTITY]);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('gel');
    }

    /**
     * @return array{id: string, hours: float, celsius: float, depth_mm: float}
     *
     * @throws ValidationException at the field
     */
    public function seen(UnitSystem $system): array
    {
        $said = fn(string $field): string => $this->string($field)->toString();

        return [
            'id'       => (string) Str::ulid(),
            'hours'    => $this->within('gelled', 'hours', $system, fn(): float => Duration::parse($said('gelled'))->h()),
            'celsius'  => $this->within('room', 'celsius', $system, fn(): float => Temperature::parse($said('room'), $system)->c()),
            'depth_mm' => $this->within('depth', 'depth_mm', $system, fn(): float => Length::parse($said('depth'), $system)->mm()),
        ];
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
