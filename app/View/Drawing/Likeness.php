<?php

declare(strict_types=1);

namespace App\View\Drawing;

/**
 * What an object looks like, as a simple picture of its kind: drawn upright in a square from −1 to 1, y downward, and stretched to the
 * object's own size. It is known by the words of its name (lang/en/likeness.php).
 */
enum Likeness: string
{
    case Petal = 'petal';
    case Flower = 'flower';
    case Leaf = 'leaf';
    case Fern = 'fern';
    case Sprig = 'sprig';
    case Tuft = 'tuft';
    case Cone = 'cone';
    case Acorn = 'acorn';
    case Slice = 'slice';
    case Star = 'star';
    case Feather = 'feather';
    case Wing = 'wing';
    case Shell = 'shell';
    case Bone = 'bone';
    case Tooth = 'tooth';
    case Stone = 'stone';
    case Key = 'key';
    case Coin = 'coin';
    case Ring = 'ring';
    case Wheel = 'wheel';
    case Letter = 'letter';
    case Bead = 'bead';
    case Slab = 'slab';

    private const ROUND = 'M-1 0a1 1 0 1 0 2 0a1 1 0 1 0-2 0Z';

    /** The picture that the first of some names tells of; nothing where none of them does. */
    public static function of(string ...$names): ?self
    {
        // The same for section, plan and a thousand copies.
        /** @var array<string, self|null> $known */
        static $known = [];
        $all = implode("\n", $names);

        return array_key_exists($all, $known) ? $known[$all] : $known[$all] = self::told(array_values($names));
    }

    /** @param list<string> $names */
    private static function told(array $names): ?self
    {
        foreach ($names as $name) {
            foreach (self::words() as $likeness => $words) {
                if (preg_match($words, mb_strtolower($name)) === 1) {
                    return self::from($likeness);
                }
            }
        }

        return null;
    }

    /** @return array<string, string> patterns of the words that tell of each */
    private static function words(): array
    {
        /** @var array<string, string> $patterns */
        static $patterns = [];
        $words = trans('likeness');
        foreach ($patterns === [] && is_array($words) ? $words : [] as $likeness => $some) {
            $quoted = array_map(fn(mixed $word): string => is_string($word) ? preg_quote($word, '/') : '', is_array($some) ? $some : []);
            $patterns[(string) $likeness] = '/\b(' . implode('|', $quoted) . ')s?\b/u';
        }

        return $patterns;
    }

    /** SVG path of its body; what is twice inside is a hole. */
    public function body(): string
    {
        return match ($this) {
            self::Petal  => 'M0 1C-.5 .7-1.05 .1-.9-.5C-.8-.95-.3-1-.05-.85C.3-1.05 .85-.95 .9-.45C1.05 .1 .5 .7 0 1Z',
            self::Flower => self::petals(5, 0.62),
            self::Star   => self::petals(8, 0.3),
            self::Leaf   => 'M0 1C-.9 .55-1.15-.3 0-1C1.15-.3 .9 .55 0 1Z',
            self::Fern   => self::fronds(),
            self::Sprig  => self::buds(),
            self::Tuft   => self::petals(14, 0.22),
            self::Cone   => 'M0-1C.55-.9 .95-.35 1 .2C1 .7 .5 1 0 1C-.5 1-1 .7-1 .2C-.95-.35-.55-.9 0-1Z',
            self::Acorn  => 'M-.9-.3C-.85-.75-.45-.85-.1-.85V-1H.1V-.85C.45-.85 .85-.75 .9-.3C.8-.1 .8-.1 .75 0C.7 .6 .3 .9 0 1'
                . 'C-.3 .9-.7 .6-.75 0C-.8-.1-.8-.1-.9-.3Z',
            self::Slice, self::Coin => self::ROUND,
            self::Feather => 'M0 1C-.2 .75-.95 .6-.9 .05C-.8-.55-.3-.9 0-1C.3-.9 .8-.55 .9 .05C.95 .6 .2 .75 0 1Z',
            self::Wing    => 'M-1 1C-1 .1-.3-1 .9-1C1.15-.5 .8 .1 .3 .25C.35 .7-.4 1-1 1Z',
            self::Shell   => 'M0 1C-.4 .85-1.05 .35-1-.25C-.95-.8-.5-1 0-1C.5-1 .95-.8 1-.25C1.05 .35 .4 .85 0 1Z',
            self::Bone    => 'M-.35-.55C-1.1-.6-1.05-1.1-.35-.98C-.1-.95 0-.85 0-.8C0-.85 .1-.95 .35-.98C1.05-1.1 1.1-.6 .35-.55V.55'
                . 'C1.1 .6 1.05 1.1 .35 .98C.1 .95 0 .85 0 .8C0 .85-.1 .95-.35 .98C-1.05 1.1-1.1 .6-.35 .55Z',
            self::Tooth => 'M-.85-.75C-.4-1.1 .4-1.1 .85-.75C1.15-.2 .75 .2 .6 1C.3 1 .25 .35 0 .35C-.25 .35-.3 1-.6 1'
                . 'C-.75 .2-1.15-.2-.85-.75Z',
            self::Stone => 'M-1 .2L-.65-.7L.1-1L.8-.65L1 .15L.5 .9L-.4 1Z',
            self::Key   => 'M-.2-.2C-1.15-.3-1.1-1 0-1C1.1-1 1.15-.3 .2-.2V.5H.9V.66H.2V.8H.9V1H-.2Z'
                . 'M-.45-.62C-.45-.38 .45-.38 .45-.62C.45-.86-.45-.86-.45-.62Z',
            self::Ring  => self::ROUND . 'M-.72 0a.72 .72 0 1 0 1.44 0a.72 .72 0 1 0-1.44 0Z',
            self::Wheel => self::teeth(12) . 'M-.18 0a.18 .18 0 1 0 .36 0a.18 .18 0 1 0-.36 0Z',
            self::Letter, self::Slab => 'M-1-1H1V1H-1Z',
            self::Bead => self::ROUND . 'M-.2 0a.2 .2 0 1 0 .4 0a.2 .2 0 1 0-.4 0Z',
        };
    }

    /** SVG path of the lines on it. */
    public function lines(): string
    {
        return match ($this) {
            self::Petal   => 'M0 .9C-.1 .4-.2 0-.35-.4M0 .9C.1 .4 .2 0 .35-.4',
            self::Flower  => 'M-.18 0a.18 .18 0 1 0 .36 0a.18 .18 0 1 0-.36 0',
            self::Leaf    => 'M0 1V-.8M0 .6L-.55 .2M0 .6L.55 .2M0 .15L-.6-.25M0 .15L.6-.25M0-.3L-.4-.6M0-.3L.4-.6',
            self::Cone    => 'M-.6-.5Q-.3-.15 0-.5Q.3-.15 .6-.5M-.9-.1Q-.45 .3 0-.1Q.45 .3 .9-.1M-1 .35Q-.5 .75 0 .35Q.5 .75 1 .35',
            self::Acorn   => 'M-.9-.3C-.4-.1 .4-.1 .9-.3',
            self::Slice   => 'M-.8 0a.8 .8 0 1 0 1.6 0a.8 .8 0 1 0-1.6 0M-.8 0H.8M0-.8V.8M-.57-.57L.57 .57M-.57 .57L.57-.57',
            self::Feather => 'M0 1V-.85M0 .3L-.7-.1M0 .3L.7-.1M0-.2L-.55-.55M0-.2L.55-.55',
            self::Wing    => 'M-.9 .9L.8-.85M-.3 .3L.2 .2M.2-.25L.7-.1',
            self::Shell   => 'M0 .9L-.8-.5M0 .9L-.4-.85M0 .9V-.95M0 .9L.4-.85M0 .9L.8-.5',
            self::Stone   => 'M-.65-.7L-.1-.2L.8-.65M-.1-.2L-.4 1M-.1-.2L1 .15',
            self::Coin    => 'M-.8 0a.8 .8 0 1 0 1.6 0a.8 .8 0 1 0-1.6 0',
            self::Letter  => 'M-.7-.55H.7M-.7-.15H.7M-.7 .25H.7M-.7 .65H.2',
            self::Wheel   => 'M-.6 0a.6 .6 0 1 0 1.2 0a.6 .6 0 1 0-1.2 0',
            default       => '',
        };
    }

    /** Its colour where the object tells none (memory). */
    public function tint(): string
    {
        return match ($this) {
            self::Petal, self::Flower => '#b9a3cf',
            self::Leaf, self::Fern, self::Sprig => '#a9b98c',
            self::Cone, self::Acorn, self::Star => '#c9a67c',
            self::Slice => '#e8b567',
            self::Tuft, self::Bone, self::Tooth, self::Letter => '#f2ead8',
            self::Feather, self::Wing => '#8b97a3',
            self::Shell, self::Bead => '#eed9c6',
            self::Stone => '#b8b4ae',
            self::Slab  => '#9aa3a8',
            self::Key, self::Coin, self::Ring, self::Wheel => '#d8b765',
        };
    }

    /** Whether it lies flat, so that its picture is seen from above and not from the side. */
    public function isFlat(): bool
    {
        return !in_array($this, [self::Cone, self::Acorn, self::Shell, self::Stone, self::Tuft, self::Tooth, self::Bead], true);
    }

    /** Whether it has a length along which it lies. */
    public function isLong(): bool
    {
        return in_array($this, [
            self::Petal, self::Leaf, self::Fern, self::Sprig, self::Feather, self::Bone, self::Key, self::Wing,
        ], true);
    }

    /** Petals round the middle; their half width is a share of what there is room for. */
    private static function petals(int $count, float $wide): string
    {
        $path = '';
        for ($n = 0; $n < $count; $n++) {
            $at = 2.0 * M_PI * $n / $count - 0.5 * M_PI;
            $point = fn(float $turn, float $far): string => round($far * cos($at + $turn), 2) . ' ' . round($far * sin($at + $turn), 2);
            $path .= "M0 0C{$point(-$wide, 0.75)} {$point(-$wide, 1.1)} {$point(0.0, 1.0)}C{$point($wide, 1.1)} {$point($wide, 0.75)} 0 0Z";
        }

        return $path;
    }

    /** A stem with leaflets that grow shorter towards its tip. */
    private static function fronds(): string
    {
        $path = 'M-.04 1V-.95H.04V1Z';
        for ($n = 0; $n < 9; $n++) {
            $y = round(0.75 - 0.19 * $n, 2);
            $long = round(1.0 - 0.09 * $n, 2);
            $tip = round($y - 0.18, 2);
            $path .= "M0 {$y}L-{$long} {$tip}L0 " . round($y - 0.12, 2) . "ZM0 {$y}L{$long} {$tip}L0 " . round($y - 0.12, 2) . 'Z';
        }

        return $path;
    }

    /** A stem with buds on either side. */
    private static function buds(): string
    {
        $path = 'M-.04 1V-.8H.04V1Z';
        foreach ([-0.8, -0.5, -0.2, 0.1, 0.4] as $n => $y) {
            $x = $n % 2 === 0 ? -0.45 : 0.05;
            $path .= "M{$x} {$y}c.1-.25 .3-.25 .4 0c-.1 .25-.3 .25-.4 0Z";
        }

        return $path;
    }

    private static function teeth(int $count): string
    {
        $points = [];
        for ($n = 0; $n < 4 * $count; $n++) {
            $at = 2.0 * M_PI * ($n + 0.5) / (4 * $count);
            $far = $n % 4 < 2 ? 1.0 : 0.82;
            $points[] = round($far * cos($at), 2) . ' ' . round($far * sin($at), 2);
        }

        return 'M' . implode('L', $points) . 'Z';
    }
}
