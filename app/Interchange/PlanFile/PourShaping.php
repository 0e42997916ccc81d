<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Illuminate\Support\Str;
use Pensilis\Plan\GivenPour;
use Pensilis\PlanFile\Document;

/** Given pours divided, joined, exchanged and taken out; what is above keeps its depth, every pour its colours, every time its place. */
final class PourShaping
{
    /** How a pour is changed: in the order in which a page offers it. */
    public const WAYS = ['split', 'join', 'lower', 'raise', 'remove', 'again', 'weaker'];

    /** What a pour says of its colours and decoration. */
    private const COAT = [
        'mix' => true, 'zones' => true, 'pattern' => true, 'covers' => true, 'applied' => true, 'thick_on_purpose' => true,
    ];

    /** Of each colour in a coat that is laid weaker on another: later coats carry less of it, so that lower ones show (common practice). */
    private const WEAKER = 0.5;

    /** Hours between two halves where nothing else says, as a coat that is soon tacky takes (memory). */
    private const GAP = 4.0;

    /**
     * @param array<string, mixed> $document
     * @param value-of<self::WAYS> $way
     *
     * @return array<string, mixed> the same where there is no such pour, or none to join it with
     */
    public static function shaped(array $document, int $pour, string $way): array
    {
        $pours = array_values(array_filter(Document::list($document, '/pours'), is_array(...)));
        if (!isset($pours[$pour]) || !self::may($way, $pour, count($pours), self::isColoured($pours[$pour]))) {
            return $document;
        }
        if ($way === 'lower' || $way === 'raise') {
            return self::exchanged($document, $pours, $way === 'raise' ? $pour : $pour - 1);
        }
        if ($way === 'weaker') {
            return self::weaker(self::shaped($document, $pour, 'again'), $pour + 1);
        }
        $now = match ($way) {
            'split' => [self::half($pours[$pour]), self::later($document, self::half($pours[$pour]), $pours[$pour + 1] ?? null)],
            'again' => [$pours[$pour], self::later($document, $pours[$pour], $pours[$pour + 1] ?? null)],
            'join'  => [self::joined($pours[$pour], $pours[$pour + 1])],
            default => [],
        };
        array_splice($pours, $pour, $way === 'join' ? 2 : 1, $now);

        return Document::with($document, '/pours', $pours);
    }

    /**
     * The same pours, each with the id that it is known by, so that it keeps it through what comes.
     *
     * @param array<string, mixed> $document
     * @param list<GivenPour>      $pours    of its plan
     *
     * @return array<string, mixed>
     */
    public static function named(array $document, array $pours): array
    {
        foreach (array_diff_assoc(GivenPour::ids($pours), array_column($pours, 'id')) as $k => $id) {
            $document = Document::with($document, "/pours/{$k}/id", $id);
        }

        return $document;
    }

    /**
     * The same pours at times that were found for them.
     *
     * @param array<string, mixed>       $document
     * @param list<array<string, mixed>> $found
     *
     * @return array<string, mixed> unchanged where they are not as many
     */
    public static function timed(array $document, array $found): array
    {
        if (count($found) !== count(Document::list($document, '/pours'))) {
            return $document;
        }
        foreach ($found as $k => $pour) {
            $document = Document::with($document, "/pours/{$k}/start_h", $pour['start_h']);
        }

        return $document;
    }

    /**
     * Those of given pours that are coloured or decorated stay where they are, the others are let go of.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed> unchanged where none is
     */
    public static function colouredPinned(array $document): array
    {
        [$pins, $level] = [[], 0.0];
        foreach (array_filter(Document::list($document, '/pours'), is_array(...)) as $pour) {
            [$from, $level] = [$level, $level + (Document::number($pour, '/depth_mm') ?? 0.0)];
            $coat = self::coatOf($pour);
            if ($coat !== []) {
                $pins[] = ['from_mm' => round($from, 3), 'to_mm' => round($level, 3)] + $coat;
            }
        }

        return $pins === [] ? $document : Document::with(Document::without($document, '/pours'), '/layering/pinned', $pins);
    }

    /**
     * What a pour, given or pinned, says of its colours and decoration.
     *
     * @param array<array-key, mixed> $pour
     *
     * @return array<array-key, mixed>
     */
    public static function coatOf(array $pour): array
    {
        return array_intersect_key($pour, self::COAT);
    }

    /**
     * @param list<GivenPour> $pours of a plan
     *
     * @return list<value-of<self::WAYS>> how one of them may be changed
     */
    public static function waysOf(array $pours, int $pour): array
    {
        $may = fn(string $way): bool => self::may($way, $pour, count($pours), $pours[$pour]->coat->isColoured());

        return array_values(array_filter(self::WAYS, $may));
    }

    /** Whether that can be done to one of so many pours. */
    private static function may(string $way, int $pour, int $count, bool $isColoured): bool
    {
        return match ($way) {
            'join', 'raise' => $pour + 1 < $count,
            'lower'  => $pour > 0,
            'remove' => $count > 1,
            'weaker' => $isColoured,
            default  => true,
        };
    }

    /** @param array<array-key, mixed> $pour */
    private static function isColoured(array $pour): bool
    {
        return array_filter(self::mixes($pour), fn(array $mix): bool => $mix !== []) !== [];
    }

    /**
     * @param array<array-key, mixed> $pour
     *
     * @return array<string, array<array-key, mixed>> what it takes of colours, by place
     */
    private static function mixes(array $pour): array
    {
        $mixes = ['/mix' => Document::list($pour, '/mix')];
        foreach (array_keys(Document::list($pour, '/zones')) as $n) {
            $mixes["/zones/{$n}/mix"] = Document::list($pour, "/zones/{$n}/mix");
        }

        return $mixes;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed> the same with less of each colour in a pour
     */
    private static function weaker(array $document, int $pour): array
    {
        foreach (self::mixes(Document::list($document, "/pours/{$pour}")) as $at => $mix) {
            foreach (array_filter($mix, is_array(...)) as $n => $dose) {
                $amounts = array_intersect_key($dose, ['drops_per_10_ml' => 0, 'pct' => 0]);
                foreach (array_filter($amounts, is_numeric(...)) as $key => $amount) {
                    $document = Document::with($document, "/pours/{$pour}{$at}/{$n}/{$key}", self::WEAKER * (float) $amount);
                }
            }
        }

        return $document;
    }

    /**
     * A pour and the one above it change places; each is poured when the other was.
     *
     * @param array<string, mixed>                $document
     * @param array<int, array<array-key, mixed>> $pours
     *
     * @return array<string, mixed>
     */
    private static function exchanged(array $document, array $pours, int $lower): array
    {
        [$below, $above] = [$pours[$lower], $pours[$lower + 1]];
        foreach ([[$lower, $below, $above], [$lower + 1, $above, $below]] as [$k, $was, $now]) {
            $start = array_intersect_key($was, ['start_h' => 1]);
            $document = Document::with($document, "/pours/{$k}", $start + array_diff_key($now, ['start_h' => 1]));
        }

        return $document;
    }

    /**
     * @param array<array-key, mixed> $pour
     *
     * @return array<array-key, mixed>
     */
    private static function half(array $pour): array
    {
        return ['depth_mm' => round(0.5 * (Document::number($pour, '/depth_mm') ?? 0.0), 2)] + $pour;
    }

    /**
     * @param array<array-key, mixed> $below
     * @param array<array-key, mixed> $above
     *
     * @return array<array-key, mixed>
     */
    private static function joined(array $below, array $above): array
    {
        return ['depth_mm' => (Document::number($below, '/depth_mm') ?? 0.0) + (Document::number($above, '/depth_mm') ?? 0.0)] + $below;
    }

    /**
     * The upper half, a pour of its own, poured midway to the next one; of the last as soon as its resin takes another coat. What is laid
     * on a set surface stays with the lower half.
     *
     * @param array<string, mixed>         $document
     * @param array<array-key, mixed>      $pour
     * @param array<array-key, mixed>|null $next
     *
     * @return array<array-key, mixed>
     */
    private static function later(array $document, array $pour, ?array $next): array
    {
        $start = Document::number($pour, '/start_h') ?? 0.0;
        $gap = $next === null ? Document::number($document, '/resins/0/sheet/recoat_open_h') ?? self::GAP
            : 0.5 * ((Document::number($next, '/start_h') ?? 0.0) - $start);

        $own = ['id' => Str::lower((string) Str::ulid()), 'start_h' => round($start + $gap, 2)];

        return $own + array_diff_key($pour, ['applied' => null]);
    }
}
