<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Form\Alike;
use App\Interchange\Form\CoatShaping;
use App\Interchange\Form\Field;
use App\Interchange\Form\Merge;
use App\Interchange\Form\PlanFields;
use App\Interchange\Form\Reshaping;
use App\Interchange\Form\Typed;
use App\Models\ChangedMeanwhile;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Pensilis\Plan\Purpose;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/**
 * What was typed into a piece's form: what changed, as one value under “edit”; or, without script, all texts by JSON pointer under “f”.
 * It is put together field by field with what others have changed since the form was shown.
 */
final class EditPiece extends FormRequest
{
    private bool $reshaped = false;

    /** @var array<string, mixed> messages by place */
    private array $refused = [];

    /** @var array<string, mixed> what the form showed */
    private array $seen = [];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'edit' => ['required_without:f', 'string', 'max:2097152'],
            'f'    => ['required_without:edit', 'array', 'max:12000'],
            'f.*'  => ['nullable', 'string', 'max:1048576'],
            'of'   => ['nullable', 'string', 'max:32'],
            'go'   => ['nullable', 'string', 'max:36'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('edit');
    }

    /**
     * Changes a piece as it was typed, and as its choices ask for. What was refused before and stands there still is tried with what was
     * typed since, as some values only make sense together; where they do not, what was typed since is tried alone.
     *
     * @throws ValidationException at the fields that cannot be read or make no sense; then nothing is changed
     * @throws ChangedMeanwhile    where the form is too old to tell
     */
    public function applyTo(Piece $piece, UnitSystem $system): void
    {
        $typed = $this->typed();
        try {
            $this->change($piece, $typed, $system);
        } catch (ValidationException $refusal) {
            $since = $typed->withoutRefused() ?? throw $refusal;
            try {
                $this->change($piece, $since, $system);
            } catch (ValidationException $further) {
                throw ValidationException::withMessages($further->errors() + $refusal->errors());
            }
            // At the fields that are not kept, whichever they were in each other's way with.
            foreach ($typed->refused as $pointer) {
                $this->refused["f.{$pointer}"] = $refusal->errors()["f.{$pointer}"] ?? Arr::flatten($refusal->errors());
            }
        }
    }

    /** @return list<string> pointers of what was typed and is not kept, though the rest is */
    public function left(): array
    {
        return array_map(fn(string $place): string => substr($place, 2), array_keys($this->refused));
    }

    /** @return array<string, mixed> messages by place: why some of what was typed is not kept, though the rest is */
    public function stillRefused(): array
    {
        return $this->refused;
    }

    /** @throws ValidationException|ChangedMeanwhile */
    private function change(Piece $piece, Typed $typed, UnitSystem $system): void
    {
        $this->reshaped = false;
        $texts = null;
        try {
            $piece->change(function (array $document) use ($piece, $typed, $system, &$texts): array {
                $this->seen = $typed->saw === '' ? $document : $piece->asSeen($typed->saw) ?? throw ChangedMeanwhile::of($piece);
                $fields = (new PlanFields($document))->all();
                $texts = $this->merged($piece, $typed, $fields, $document, $system)->texts;
                $changed = $this->reshape($texts->in($document), $document, $piece->plan()->purpose);
                $before = $this->seen === $document ? $fields : (new PlanFields($this->seen))->all();
                if (self::asks($changed, (new PlanFields($changed))->all()) !== self::asks($this->seen, $before)) {
                    $this->reshaped = true;
                }

                return $changed;
            }, go: $this->string('go')->toString());
        } catch (PlanRefused $refusal) {
            throw $texts?->refused($refusal, $this->seen) ?? $refusal;
        }
    }

    /**
     * @param list<Field>          $fields   of the document
     * @param array<string, mixed> $document as it is now
     *
     * @throws EditConflict
     */
    private function merged(Piece $piece, Typed $typed, array $fields, array $document, UnitSystem $system): Merge
    {
        $merge = Merge::of($typed, $fields, $this->seen, $document, $system);
        if ($merge->conflicts !== []) {
            throw new EditConflict($piece, $merge->conflicts, $merge->undisputed());
        }
        // A form that is shown again has its texts where things are now.
        $this->merge(['f' => $merge->typed->texts]);

        return $merge;
    }

    /** Whether the form itself looks different after the change. */
    public function reshapes(): bool
    {
        return $this->reshaped;
    }

    /**
     * What others have changed meanwhile, for the form that still shows what was before.
     *
     * @return array<string, string> texts by pointer
     */
    public function others(Piece $piece, UnitSystem $system): array
    {
        $texts = [];
        foreach ($this->seen === $piece->document ? [] : (new PlanFields($piece->document))->all() as $field) {
            $now = $field->text($piece->document, $system);
            if ($now !== $field->text($this->seen, $system)) {
                $texts[$field->pointer] = $now;
            }
        }

        return $texts;
    }

    /** @throws ValidationException where it did not arrive whole */
    private function typed(): Typed
    {
        if ($this->has('edit')) {
            return Typed::changed($this->string('edit')->toString())
                ?? throw ValidationException::withMessages(['edit' => Words::asked('edit')['*']]);
        }
        $fields = $this->input('f');

        return Typed::whole(is_array($fields) ? $fields : [], $this->string('of')->toString());
    }

    /**
     * @param array<string, mixed> $changed
     * @param array<string, mixed> $document as it was before
     *
     * @return array<string, mixed>
     */
    private function reshape(array $changed, array $document, Purpose $purpose): array
    {
        foreach (self::reshapings($document, $purpose) as $pointer => $reshape) {
            if (Document::value($changed, $pointer) !== Document::value($document, $pointer)) {
                $changed = $reshape($changed);
                $this->reshaped = true;
            }
        }
        $mixed = array_filter(
            ['/colours', '/pours', '/layering/pinned', '/vessel/compartments'],
            fn(string $list): bool => Document::value($changed, $list) !== Document::value($document, $list),
        );

        return $mixed === [] ? $changed : CoatShaping::tidy($changed);
    }

    /**
     * What the form of a document asks for: a form that asks for other values, or offers other colours, is shown anew.
     *
     * @param array<string, mixed> $document
     * @param list<Field>          $fields   of the same
     *
     * @return array<array-key, mixed>
     */
    private static function asks(array $document, array $fields): array
    {
        return [array_column(Document::list($document, '/colours'), 'name'), array_column($fields, 'pointer')];
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, callable(array<string, mixed>): array<string, mixed>> by the choice that asks for them
     */
    private static function reshapings(array $document, Purpose $purpose): array
    {
        $reshapings = ['/vessel/shape' => Reshaping::vessel(...), '/ambient/kind' => Reshaping::room(...),
            '/studio/measure_by'       => Reshaping::measuring(...)];
        foreach (array_keys(Document::list($document, '/vessel/steps')) as $i) {
            $reshapings["/vessel/steps/{$i}/shape"] = Reshaping::ofStep((int) $i);
        }
        $reshapings['/vessel/compartments'] = Reshaping::compartments(...);
        foreach (array_keys($purpose->fittings) as $i) {
            $reshapings += (new Alike($i, $purpose->alike($i)))->reshapings();
        }
        foreach (array_keys(Document::list($document, '/inclusions')) as $i) {
            $reshapings["/inclusions/{$i}/copies"] = Reshaping::copies((int) $i);
        }

        return $reshapings;
    }
}
