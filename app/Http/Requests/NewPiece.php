<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Shelf\Beginning;
use App\Models\Vessel;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class NewPiece extends FormRequest
{
    use OfStudio;

    /** @var array<string, array<string, mixed>>|null resins that it may be of, by key */
    private ?array $resins = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title'  => ['required', 'string', 'max:' . Limits::NAME],
            'resin'  => ['required', Rule::in(array_keys($this->resins()))],
            'vessel' => [
                'nullable', 'integer',
                Rule::exists('vessels', 'id')->where('studio_id', $this->studio()->id)->whereNull('deleted_at'),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('new-piece');
    }

    /** The vessel of the shelf that it is cast in. */
    public function vessel(): ?Vessel
    {
        return $this->filled('vessel') ? Vessel::query()->where('studio_id', $this->studio()->id)->find($this->integer('vessel')) : null;
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $vessel = $this->vessel();
        $document = Beginning::of(
            $this->studio(),
            $this->string('title')->trim()->toString(),
            $this->resins()[$this->string('resin')->toString()],
        );

        return $vessel === null ? $document : ['vessel' => $vessel->document] + $document;
    }

    /** @return array<string, array<string, mixed>> looked up once */
    private function resins(): array
    {
        return $this->resins ??= $this->studio()->resins();
    }
}
