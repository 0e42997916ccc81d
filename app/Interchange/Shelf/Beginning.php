<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use App\Interchange\Form\StudioDefaults;
use App\Interchange\PlanFile\Starters;
use App\Models\Studio;
use Pensilis\PlanFile\Document;

/** What a new piece of a studio begins with: its defaults, and what its cups keep by its own mixes. */
final class Beginning
{
    /**
     * @param array<string, mixed> $resin that it is of
     *
     * @return array<string, mixed> plan file
     */
    public static function of(Studio $studio, string $title, array $resin): array
    {
        $start = $studio->now()->ceilHour()->format('Y-m-d\TH:i');
        $document = StudioDefaults::begun(Starters::of($title, $resin, $start), $studio->defaults);
        $loss = $studio->cupLoss();

        return $loss === null ? $document : Document::with($document, '/studio/cup_loss_g', $loss);
    }
}
