<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\PlanDocument;
use App\Interchange\PlanFile\PourShaping;
use App\Interchange\PlanFile\Zoned;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Pensilis\PlanFile\PlanRefused;

/** The changes of a piece, one after the other: made unless somebody else was quicker, undone and done again. */
trait KeepsSteps
{
    /** Changes that can be undone. */
    private const STEPS = 50;

    /** States of one go that are kept. */
    private const PARTS = 10;

    /** How often a change is tried again that others were quicker than. */
    private const TRIES = 20;

    /**
     * Changes the piece so that it can be undone: what is stored goes through the change, and what comes of it is kept unless somebody
     * else was quicker; then it is done again on what that one left.
     *
     * @param callable(array<string, mixed>): array<string, mixed> $change
     * @param string                                               $seen   fingerprint of what was looked at, where it must be that
     * @param string                                               $go     names what is done in one go, and undone as one
     *
     * @throws PlanRefused      where it makes no plan; then nothing is changed
     * @throws ChangedMeanwhile
     */
    public function change(callable $change, string $seen = '', string $go = ''): void
    {
        for ($try = 1; $try <= self::TRIES; $try++) {
            if ($seen !== '' && $seen !== $this->fingerprint()) {
                throw ChangedMeanwhile::of($this);
            }
            $named = $this->makesPlan() ? PourShaping::named($this->document, $this->plan()->pours) : $this->document;
            $document = $change($named);
            if ($document === $named) {
                return;
            }
            $says = PlanDocument::of(Zoned::in($document, $this->zone()));
            $says->sound($this->meshes());
            if ($this->keep($says, $go)) {
                return;
            }
            $this->refresh();
        }
        throw ChangedMeanwhile::of($this);
    }

    private function keep(PlanDocument $says, string $go): bool
    {
        return DB::transaction(function () use ($says, $go): bool {
            if (!$this->isAsStored()) {
                return false;
            }
            if (Vessel::of($says->fields()) !== Vessel::of($this->document)) {
                $this->forceFill(['vessel_id' => null]);
            }
            $this->states()->where('number', '>', $this->state)->delete();
            $this->states()->updateOrCreate(['number' => $this->state], self::asState($this->says()));
            $this->say($says)->forceFill(['state' => $this->state + 1])->save();
            $this->says = $says;
            $this->states()->create(['number' => $this->state, 'go' => $go === '' ? null : $go] + self::asState($says));
            $this->forget($go);

            return true;
        });
    }

    /** @return array{document: string, print: string} */
    private static function asState(PlanDocument $says): array
    {
        return ['document' => $says->said(), 'print' => $says->print()];
    }

    /** Forgets what cannot be undone any more, and what lies in the middle of a go but for what another page may still show. */
    private function forget(string $go): void
    {
        $past = fn(int $kept): Builder => $this->states()->getQuery()->latest('number')->skip($kept)->take(self::STEPS);
        if ($go !== '') {
            $this->states()->whereIn('id', $past(self::PARTS)->where('go', $go)->pluck('id'))->delete();
        }
        $this->states()->whereIn('id', $past(self::STEPS + 1)->pluck('id'))->delete();
    }

    /** Whether nobody has changed it since it was read. */
    private function isAsStored(): bool
    {
        $stored = self::query()->whereKey($this->id)->where('state', $this->state)->toBase()->value('document');

        return $stored === $this->attributes['document'];
    }

    /**
     * What the piece said when it had a fingerprint; null where that is too many changes ago.
     *
     * @return array<string, mixed>|null
     */
    public function asSeen(string $fingerprint): ?array
    {
        if ($fingerprint === $this->fingerprint()) {
            return $this->document;
        }
        $state = $this->states()->where('print', $fingerprint)->latest('id')->first();

        return $state === null ? null : Zoned::in($state->document, $this->zone());
    }

    /**
     * Goes one change back or forth; false where there is none.
     *
     * @throws ChangedMeanwhile where somebody else has changed what was looked at
     */
    public function step(bool $back, string $seen = ''): bool
    {
        return DB::transaction(function () use ($back, $seen): bool {
            if (($seen !== '' && $seen !== $this->fingerprint()) || !$this->isAsStored()) {
                throw ChangedMeanwhile::of($this);
            }
            $state = $back ? $this->before() : $this->after();

            return $state !== null && $this->hold($state->document)->forceFill(['state' => $state->number])->save();
        });
    }

    private function before(): ?PieceState
    {
        $go = $this->states()->where('number', $this->state)->value('go');

        return $this->states()->where('number', '<', $this->state)->latest('number')
            ->when($go !== null, fn(Builder $some) => $some->where(fn(Builder $one) => $one->whereNot('go', $go)->orWhereNull('go')))
            ->first();
    }

    private function after(): ?PieceState
    {
        $next = $this->states()->where('number', '>', $this->state)->oldest('number')->first();

        return $next?->go === null ? $next : $this->states()->where('go', $next->go)->latest('number')->first();
    }

    /** @return HasMany<PieceState, $this> */
    public function states(): HasMany
    {
        return $this->hasMany(PieceState::class);
    }
}
