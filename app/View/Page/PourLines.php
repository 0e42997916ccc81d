<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Form\CoatPart;
use App\Words\Words;
use Pensilis\Plan\GivenPour;

/** What panels say of the pours of a piece: their resin, whether they stay, their regions and what these may be coloured with. */
final readonly class PourLines
{
    public function __construct(private PieceView $view) {}

    /** Whether a pour stays where it is while the others are found. */
    public function isPinned(int $k): bool
    {
        return $this->view->plan->pinAt($this->view->pour($k)->bottom, $this->view->pour($k)->top) !== null;
    }

    /** Whether some of its own pours are coloured or decorated, and none goes onto wet resin: those may stay while others are found. */
    public function mayPinColoured(): bool
    {
        return $this->view->isGiven() && $this->view->isColoured()
            && array_filter($this->view->plan->pours, fn(GivenPour $one): bool => $one->isOnWet) === [];
    }

    /** The resin of a pour, where the piece has several; else nothing. */
    public function resinOf(int $k): string
    {
        return count($this->view->plan->resins) > 1 ? $this->view->pour($k)->resin->name : '';
    }

    /** How a pour is coloured. */
    public function coat(int $k): CoatView
    {
        return new CoatView(
            $this->view->plan,
            $this->view->pour($k),
            $k,
            count($this->view->layout->pours ?? []),
            $this->view->batch($k),
            $this->view->figures,
        );
    }

    /** What a region of a given pour is called. */
    public function region(int $k, int $z): string
    {
        return $this->view->words->inside($this->view->plan->pours[$k]->coat->nameOf($z));
    }

    /** What a region takes, in a line: its share, its mix, its colours; nothing where there are no layers. */
    public function regionSays(int $k, int $z): string
    {
        foreach ($this->view->layout->pours[$k]->portions->all ?? [] as $portion) {
            if ($portion->index === $z) {
                return Words::say('piece.regions.says', [
                    'share'  => $this->view->figures->percent($portion->share, 1),
                    'mass'   => $this->view->figures->mass($this->coat($k)->gramsOf($portion)),
                    'colour' => RecipeWords::of($portion->recipe),
                ]);
            }
        }

        return '';
    }

    /** @return array<string, string> what is coloured by itself in the given pours, by its name on the page */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->view->plan->pours as $k => $pour) {
            $parts[(new CoatPart($k))->name()] = Words::say('piece.Pour', ['number' => $k + 1]);
            foreach (array_keys($pour->coat->zones) as $z) {
                $words = ['number' => $k + 1, 'region' => $this->region($k, $z)];
                $parts[(new CoatPart($k, $z))->name()] = Words::say('piece.regions.of', $words);
            }
        }

        return $parts;
    }

    /**
     * What a coat may be coloured with at one press: colours that the piece alone has, then those of shelf and palette. What the piece
     * has of those stays in its place, so that no pot moves when a colour is taken from it.
     *
     * @param array<string, array<string, mixed>> $palette
     *
     * @return array<array-key, array{name: string, shade: string}>
     */
    public function swatches(array $palette): array
    {
        $own = [];
        foreach ($this->view->plan->colours as $colour) {
            $own[$colour->name] = [$colour->id, ['name' => $colour->name, 'shade' => $colour->shade->toHex()]];
        }
        $swatches = array_column(array_diff_key($own, array_flip(array_filter(array_column($palette, 'name'), is_string(...)))), 1, 0);
        foreach ($palette as $key => $colour) {
            if (is_string($colour['name'] ?? null) && is_string($colour['shade'] ?? null)) {
                [$at, $swatch] = $own[$colour['name']] ?? [$key, ['name' => $colour['name'], 'shade' => $colour['shade']]];
                $swatches += [$at => $swatch];
            }
        }

        return $swatches;
    }
}
