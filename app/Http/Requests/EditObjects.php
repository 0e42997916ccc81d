<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Form\Field;
use App\Interchange\Form\ObjectFields;
use App\Interchange\Form\TypedFields;
use App\Interchange\PlanFile\Arrangement;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/** What is done to several objects of a piece at once. They are named by their ids, so that an older page means the same ones. */
final class EditObjects extends FormRequest
{
    private const MOST = 500;

    private const REMOVE = 'remove';

    private const EACH = 'each';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'way'       => ['required', Rule::in([self::REMOVE, self::EACH, ...Arrangement::WAYS])],
            'objects'   => ['required', 'array', 'max:' . self::MOST],
            'objects.*' => ['string'],
            'each'      => ['array', 'max:20'],
            'each.*'    => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('objects');
    }

    public function removes(): bool
    {
        return $this->string('way')->toString() === self::REMOVE;
    }

    /**
     * @return int how many of them were there
     *
     * @throws ValidationException where what was typed does not read, or makes no sense
     */
    public function applyTo(Piece $piece, UnitSystem $system): int
    {
        $ids = array_values(array_filter((array) $this->input('objects'), is_string(...)));
        $count = 0;
        $fields = null;
        try {
            $piece->change(function (array $document) use ($piece, $ids, $system, &$count, &$fields): array {
                $chosen = array_keys(array_filter(
                    Document::list($document, '/inclusions'),
                    fn(mixed $one): bool => is_array($one) && in_array($one['id'] ?? null, $ids, true),
                ));
                $count = count($chosen);
                $way = $this->string('way')->toString();
                if ($way === self::REMOVE) {
                    return ['inclusions' => array_values(array_diff_key(Document::list($document, '/inclusions'), array_flip($chosen)))]
                        + $document;
                }
                if ($way === self::EACH) {
                    $fields = $this->typed($document, $chosen, $system);

                    return $fields->in($document);
                }

                return Arrangement::of($document, $ids, Asked::oneOf(Arrangement::WAYS, $way), $piece->meshes());
            });
        } catch (PlanRefused $refusal) {
            throw $fields?->refused($refusal, $piece->document) ?? $refusal;
        }

        return $count;
    }

    /**
     * What was typed for all, as if it had been typed for each; a field that was left empty asks for nothing.
     *
     * @param array<string, mixed> $document
     * @param list<int|string>     $chosen
     */
    private function typed(array $document, array $chosen, UnitSystem $system): TypedFields
    {
        $said = array_filter((array) $this->input('each'), fn(mixed $text): bool => is_string($text) && trim($text) !== '');
        $texts = [];
        foreach ($chosen as $i) {
            foreach ($said as $key => $text) {
                $texts["/inclusions/{$i}/{$key}"] = $text;
            }
        }
        $all = array_merge(...array_map(fn(int|string $i): array => (new ObjectFields($document))->shared((int) $i), $chosen));

        return new TypedFields(array_values(array_filter($all, fn(Field $one): bool => isset($texts[$one->pointer]))), $texts, $system);
    }
}
