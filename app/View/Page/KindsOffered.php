<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\KindWords;
use Illuminate\Support\Facades\Cache;
use Pensilis\Material\Kind;

/** The kinds of which an object can be added, as every page of a piece offers them: put together once for as long as they are the same. */
final class KindsOffered
{
    private const DAYS = 14;

    /** What they are put together from. */
    private const SOURCES = [
        'resources/views/pieces/kinds.blade.php', 'resources/views/components/kind-offer.blade.php', 'lang/en/kinds.php',
        'lang/en/piece.php', 'lang/en/materials.php', 'app/Words/KindWords.php', 'app/View/Drawing/Likeness.php',
    ];

    /** @param array<string, list<Kind>> $kinds by group */
    public static function html(array $kinds): string
    {
        $made = implode(' ', array_map(fn(string $file): int => (int) filemtime(base_path($file)), self::SOURCES));
        $key = 'kinds-offered:' . hash('xxh128', $made . serialize($kinds));
        $kept = Cache::get($key);
        if (is_string($kept)) {
            return $kept;
        }
        $groups = array_combine(array_keys($kinds), array_map(KindWords::group(...), array_keys($kinds)));
        $html = view('pieces.kinds', ['kinds' => $kinds, 'groups' => $groups])->render();
        Cache::put($key, $html, now()->addDays(self::DAYS));

        return $html;
    }
}
