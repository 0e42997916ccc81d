<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A picture of a piece, as it was encoded here: its file goes with it. */
trait Picture
{
    /**
     * Keeps one in place of the one before.
     *
     * @param HasOne<covariant self, Piece> $place      where the piece has it
     * @param array<string, mixed> $attributes besides where its file lies
     */
    public static function keep(HasOne $place, string $folder, string $jpeg, array $attributes): void
    {
        $file = "{$folder}/" . Str::ulid() . '.jpg';
        KeptFile::put($file, $jpeg);
        DB::transaction(function () use ($place, $file, $attributes): void {
            $place->get()->each->delete();
            $place->create(['place' => $file] + $attributes);
        });
    }

    public function bytes(): string
    {
        return KeptFile::get($this->place) ?? '';
    }

    protected static function booted(): void
    {
        // The file goes last, when nothing can bring its picture back.
        self::deleted(fn(self $picture) => DB::afterCommit(fn() => KeptFile::delete($picture->place)));
    }
}
