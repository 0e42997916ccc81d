<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Form\StudioDefaults;
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
            'resin'  => ['required', Rule::in(array_keys($this->studio()->resins()))],
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

    private function studio(): Studio
    {
        $user = $this->user();

        return $user instanceof User ? $user->loadMissing('studio')->studio : new Studio();
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $vessel = $this->vessel();
        $document = StudioDefaults::begun(
            Starters::of(
                $this->string('title')->trim()->toString(),
                $this->studio()->resins()[$this->string('resin')->toString()],
                now()->format('Y-m-d') . 'T08:00',
            ),
            $this->studio()->defaults,
        );

        $loss = $this->studio()->cupLoss();
        $document = $loss === null ? $document : Document::with($document, '/studio/cup_loss_g', $loss);

        return $vessel === null ? $document : ['vessel' => $vessel->document] + $document;
    }
}
