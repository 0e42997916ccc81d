<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\Document;
use App\Interchange\PlanFile\Starters;
use App\Models\Studio;
use App\Models\User;
use App\Models\Vessel;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class NewPiece extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title'  => ['required', 'string', 'max:' . Limits::NAME],
            'resin'  => ['required', Rule::in(array_keys(Starters::RESINS))],
            'vessel' => [
                'nullable', 'integer',
                Rule::exists('vessels', 'id')->where('studio_id', $this->studio())->whereNull('deleted_at'),
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
        return $this->filled('vessel') ? Vessel::query()->where('studio_id', $this->studio())->find($this->integer('vessel')) : null;
    }

    private function studio(): int
    {
        $user = $this->user();

        return $user instanceof User ? $user->studio_id : 0;
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $vessel = $this->vessel();
        $document = Starters::piece(
            $this->string('title')->trim()->toString(),
            $this->string('resin')->toString(),
            now()->format('Y-m-d') . 'T08:00',
        );

        $loss = Studio::query()->find($this->studio())?->cupLoss();
        $document = $loss === null ? $document : Document::with($document, '/studio/cup_loss_g', $loss);

        return $vessel === null ? $document : ['vessel' => $vessel->document] + $document;
    }
}
