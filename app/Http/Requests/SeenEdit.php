<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Seen;
use App\Interchange\Form\Field;
use App\Interchange\Form\TypedFields;
use App\Interchange\PlanFile\PlanFile;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/** Fields of a plan file on a form that says what it showed: what was changed goes into the file, what others changed too is told. */
final class SeenEdit
{
    /**
     * @param array<string, mixed>                                 $whole    a plan file
     * @param list<Field>                                          $fields   that the form had
     * @param callable(array<string, mixed>): array<string, mixed> $reshape  what choices ask for
     * @param array<string, string>                                $disputed what is told of other fields of the form
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException at the fields that cannot be read, make no sense, or say something else by now
     */
    public static function in(
        FormRequest $request,
        array $whole,
        array $fields,
        UnitSystem $system,
        callable $reshape,
        array $disputed = [],
    ): array {
        $typed = $request->input('f', []);
        $seen = Seen::by($request);
        $texts = new TypedFields(
            $fields,
            array_filter(
                is_array($typed) ? $typed : [],
                fn(mixed $text, string|int $at): bool => $seen->hasChanged((string) $at, is_string($text) ? $text : ''),
                ARRAY_FILTER_USE_BOTH,
            ),
            $system,
            $seen->lists(),
        );
        foreach ($texts->conflicts($whole) as $conflict) {
            $disputed["f.{$conflict->pointer}"] = Words::say(
                'asked.supply.disputed',
                ['field' => $conflict->label, 'now' => $conflict->now ?? ''],
            );
        }
        if ($disputed !== []) {
            throw ValidationException::withMessages($disputed);
        }
        $changed = $reshape($texts->in($whole));
        try {
            PlanFile::sound($changed);
        } catch (PlanRefused $refusal) {
            throw $texts->refused($refusal, $changed);
        }

        return $changed;
    }
}
