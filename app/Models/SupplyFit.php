<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;

/** Kinetics that own pours gave a resin of the shelf, in place of its sheet's, which are kept to go back to. */
final readonly class SupplyFit
{
    public function __construct(private Supply $supply) {}

    /**
     * Takes a law that was fitted; what the sheet says is kept to go back to.
     *
     * @param array<string, float|string|bool> $kinetics of a plan file
     */
    public function take(array $kinetics): void
    {
        DB::transaction(fn(): bool => $this->supply->refresh()->update([
            'fit'      => $this->supply->fit ?? ['before' => $this->supply->document['kinetics'] ?? null],
            'document' => ['kinetics' => $kinetics] + $this->supply->document,
        ]));
    }

    public function leave(): void
    {
        DB::transaction(fn(): bool => $this->supply->refresh()->fit === null || $this->supply->update([
            'fit' => null, 'document' => array_diff_key($this->supply->document, ['kinetics' => 1]) + $this->ofSheet(),
        ]));
    }

    /** @return array<string, mixed> kinetics as the sheet has them, where it has any */
    public function ofSheet(): array
    {
        $kinetics = $this->supply->fit === null ? $this->supply->document['kinetics'] ?? null : $this->supply->fit['before'];

        return $kinetics === null ? [] : ['kinetics' => $kinetics];
    }
}
