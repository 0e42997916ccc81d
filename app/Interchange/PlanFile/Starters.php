<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use App\Words\KindWords;
use Pensilis\Material\Kind;
use Pensilis\Material\Kinds;
use Pensilis\PlanFile\CopySpreader;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\MeshSource;
use Pensilis\PlanFile\NoMeshes;
use Pensilis\PlanFile\PlainResins;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\Problems;

/**
 * What a new piece and a new object begin with. Resins are plain kinds, not products.
 */
final class Starters
{
    /** What can be poured so deep in one go is a casting resin, mm (memory). */
    private const DEEP = 20.0;

    /**
     * @param key-of<PlainResins::ALL> $resin
     *
     * @return array<string, mixed>
     */
    public static function piece(string $title, string $resin, string $start): array
    {
        return self::of($title, PlainResins::ALL[$resin], $start);
    }

    /**
     * @param array<string, mixed> $resin of a plan file; where it has no id it gets one
     *
     * @return array<string, mixed>
     */
    public static function of(string $title, array $resin, string $start): array
    {
        // A block for what is poured deep, a tray for coats.
        $height = Document::number($resin, '/sheet/max_pour_mm') < self::DEEP ? 12 : 40;

        return [
            'format'  => 'pensilis-plan', 'version' => 1, 'title' => $title,
            'ambient' => ['kind' => 'constant', 'celsius' => 21],
            'vessel'  => ['shape' => 'cylinder', 'diameter_mm' => 80, 'height_mm' => $height,
                'wall'            => ['material' => 'silicone', 'thickness_mm' => 4],
                'base'            => ['material' => 'wood', 'thickness_mm' => 18], 'viewed' => 'top'],
            'resins'     => [$resin + ['id' => 'resin']],
            'inclusions' => [],
            'studio'     => [
                'start' => $start, 'scale_step_g' => 0.1,
                'hours' => [['days' => 'mon-sun', 'from' => '09:00', 'to' => '21:00']],
            ],
        ];
    }

    /** How high a vessel is that does not say so, mm (memory). */
    private const HIGH = 20.0;

    /** How wide a thin thing begins, as a share of the vessel, and at the most, mm (memory). */
    private const SPREAD = 0.3;

    private const WIDEST = 20.0;

    /** Things that are thin, mm (memory). */
    private const THIN = [
        'petals'        => 0.5, 'rose petals' => 0.8, 'leaf' => 0.5, 'autumn leaf' => 0.5,
        'skeleton leaf' => 0.3, 'fern' => 0.5, 'grass' => 0.5,
        'orange slice'  => 5.0, 'lemon slice' => 5.0, 'apple slice' => 4.0, 'paper' => 0.2, 'photograph' => 0.3, 'letter' => 0.3,
        'silk'          => 0.3, 'lace' => 0.5, 'butterfly wing' => 0.2, 'gold leaf' => 0.1, 'printed film' => 0.2,
    ];

    /**
     * A new object of a kind, as high as the one before it, else a third of the way up; in the middle.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function object(array $document, Kind $kind): array
    {
        $height = min([INF, ...array_filter(
            array_map(fn(string $key): ?float => Document::number($document, "/vessel/{$key}"), ['fill_mm', 'height_mm', 'dam_mm']),
            fn(?float $high): bool => $high > 0.0,
        )]);
        $height = is_finite($height) ? $height : self::HIGH;
        $across = array_filter(
            array_map(fn(string $key): ?float => Document::number($document, "/vessel/{$key}"), ['diameter_mm', 'length_mm', 'width_mm']),
            fn(?float $size): bool => $size !== null,
        );
        $size = round(min([0.25 * $height, ...array_map(fn(float $one): float => 0.12 * $one, array_values($across))]));
        $thin = self::THIN[$kind->key] ?? null;
        $wide = $thin === null ? 2.0 * $size : round(min([
            self::WIDEST, ...array_map(fn(float $one): float => self::SPREAD * $one, array_values($across)),
        ]));
        $high = min($thin ?? max(1.0, $size), max(0.2, 0.5 * $height));
        $last = count(Document::list($document, '/inclusions')) - 1;
        $bottom = Document::number($document, "/inclusions/{$last}/target_bottom_mm") ?? round($height / 3.0);

        return [
            'id'               => Document::freeId($document, '/inclusions', $kind->key), 'shape' => $thin === null ? 'ellipsoid' : 'disc',
            'size_mm'          => [max(1.0, $wide), max(1.0, $wide), $high],
            'at_mm'            => [0, 0], 'tolerance_mm' => 2,
            'target_bottom_mm' => $bottom + $high < $height ? $bottom : round($height / 3.0),
            'material'         => ['name' => KindWords::name($kind)] + $kind->toMaterial(), 'sealed_coats' => 0,
        ];
    }

    /**
     * A piece with one object more, where there is room for it.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     *
     * @throws PlanRefused where the piece makes no sense with it
     */
    public static function withObject(array $document, Kind $kind, MeshSource $meshes = new NoMeshes()): array
    {
        $at = count(Document::list($document, '/inclusions'));
        $with = Document::with($document, "/inclusions/{$at}", self::object($document, $kind));
        $plan = PlanFile::sound($with, $meshes);
        $spreader = new CopySpreader(new Problems(), $plan->vessel);
        [$x, $y] = $spreader->placeOf($plan->inclusions[$at], array_slice($plan->inclusions, 0, $at));

        return Document::with($with, "/inclusions/{$at}/at_mm", [round(1e3 * $x), round(1e3 * $y)]);
    }

    /** @return array<string, mixed> `material` of a kind of the library */
    public static function material(string $kind): array
    {
        $known = Kinds::all()[$kind];

        return ['name' => KindWords::name($known)] + $known->toMaterial();
    }
}
