<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Interchange\PlanFile\PlanFile;
use App\Models\Piece;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layout\Draft;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlainResins;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Fit\CalibrationStore;

/** Resins that the studio of a piece has and the piece has not, and the piece poured with one of them alone. */
final readonly class OtherResins
{
    /** As many as a plan file takes, and as many as are tried. */
    private const MOST = 10;

    private const MOST_TRIED = 3;

    public function __construct(private CalibrationStore $store) {}

    /** @return list<Finding> those with which it could be cast: each planned to the end */
    public function thatWouldDo(Piece $piece): array
    {
        $found = [];
        foreach ($this->answers($piece) as $key => $answer) {
            $what = ['resin' => $answer->plan->resin()->name];
            $found[] = Finding::of(Code::WouldDoWithResin, '/resins', names: $what, mend: Mend::resin($key));
        }

        return $found;
    }

    /** @return array<string, PlanAnswer> where it can be cast so, by what the studio calls the resin */
    public function answers(Piece $piece): array
    {
        [$found, $tried] = [[], 0];
        $names = array_map(fn(Resin $one): string => $one->name, $piece->plan()->resins);
        foreach (count($names) < self::MOST ? self::shelf($piece) : [] as $key => $resin) {
            $alone = $tried < self::MOST_TRIED ? self::planWith($piece, $resin) : null;
            if ($alone === null || in_array($alone->resin()->name, $names, true) || !Draft::holds($alone)) {
                continue;
            }
            $tried++;
            $answer = PlanAnswer::found($alone, fn(): PlanAnswer => (new Planner($this->store))->plan($alone));
            $found = $answer->isFeasible() ? [...$found, (string) $key => $answer] : $found;
        }

        return $found;
    }

    /** @return array<array<string, mixed>> resins of the studio, those first that it has made its own */
    public static function shelf(Piece $piece): array
    {
        $resins = $piece->loadMissing('studio')->studio?->resins() ?? [];

        return array_diff_key($resins, PlainResins::ALL) + $resins;
    }

    /**
     * A piece poured with another resin alone; null where its sheet makes no sense, which the shelf says.
     *
     * @param array<string, mixed> $resin
     */
    private static function planWith(Piece $piece, array $resin): ?Plan
    {
        try {
            $plan = PlanFile::plan(Document::withOneMore($piece->document, 'resins', $resin, 'resin'), $piece->meshes());
        } catch (PlanRefused) {
            return null;
        }

        return $plan->only((string) array_key_last($plan->resins));
    }
}
