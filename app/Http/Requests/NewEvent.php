<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Piece;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\Temperature;
use Pensilis\Record\EventKind;
use Pensilis\Thermal\Fit\Tack;

/** Something that happened, noted by hand: its kind says which of the fields it takes. */
final class NewEvent extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind'   => ['required', Rule::in(array_map(fn(EventKind $one): string => $one->value, EventKind::byHand()))],
            'pour'   => 'nullable|string|max:80', 'at' => 'nullable|date_format:Y-m-d\TH:i',
            'figure' => ['nullable', 'string', 'max:' . Limits::QUANTITY],
            'result' => ['nullable', Rule::enum(Tack::class)], 'note' => ['nullable', 'string', 'max:' . Limits::NOTE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('event');
    }

    public function kind(): EventKind
    {
        return EventKind::from($this->string('kind')->toString());
    }

    /** When it happened: by the clock of the studio, now where nothing is said. */
    public function moment(Piece $piece): Carbon
    {
        $zone = $piece->studio->zone === '' ? 'UTC' : $piece->studio->zone;

        return $this->filled('at') ? Carbon::parse($this->string('at')->toString(), $zone)->utc() : now()->utc();
    }

    /**
     * What its kind says.
     *
     * @param list<string> $pours ids
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException where that is missing
     */
    public function says(Piece $piece, array $pours): array
    {
        [$kind, $system] = [$this->kind(), $piece->studio->units];
        $says = $this->filled('note') ? ['note' => $this->string('note')->toString()] : [];
        foreach ($kind->needs() as $key) {
            $says[$key] = match ($key) {
                'pour'    => $this->pour($pours),
                'result'  => $this->filled('result') ? $this->string('result')->toString() : self::wanted('result'),
                'g'       => $this->figure(fn(string $text): float => Mass::parse($text, $system)->g()),
                'mm'      => $this->figure(fn(string $text): float => Length::parse($text, $system)->mm()),
                'celsius' => $this->figure(fn(string $text): float => Temperature::parse($text, $system)->c()),
                default   => $this->filled('note') ? $this->string('note')->toString() : self::wanted('note'),
            };
        }

        return $kind === EventKind::Mishap ? array_diff_key($says, ['note' => 1]) : $says;
    }

    /** @param list<string> $pours */
    private function pour(array $pours): string
    {
        $pour = $this->string('pour')->toString();

        return in_array($pour, $pours, true) ? $pour : self::wanted('pour');
    }

    /** @param callable(string): float $read */
    private function figure(callable $read): float
    {
        $text = $this->string('figure')->toString();
        try {
            return trim($text) === '' ? self::wanted('figure') : $read($text);
        } catch (UnreadableQuantity) {
            self::wanted('figure');
        }
    }

    /** @throws ValidationException */
    private static function wanted(string $field): never
    {
        throw ValidationException::withMessages([$field => Words::asked('event')[$field]]);
    }
}
