<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Asked;
use App\Interchange\Answers\Answers;
use App\Models\Mixing;
use App\Models\Piece;
use App\View\Page\TodayPiece;
use App\View\Page\TodayView;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Pensilis\Answer\Agenda;
use Pensilis\Quantity\Duration;

/** Every piece on one time line: what cures, what is next, and what can be done in the time at hand. */
final class TodayController extends Controller
{
    /** Pieces that are looked at, those changed last. */
    private const MOST = 200;

    /** Times are found for so long before the page is shown again, s. */
    private const FINDING = 2.0;

    private const USUAL_MINUTES = 60.0;

    private const MOST_MINUTES = 24.0 * 60.0;

    public function show(Request $request, Answers $answers): View
    {
        $request->validate(['minutes' => ['nullable', 'string', 'max:' . Limits::QUANTITY]], Words::asked('today'));
        $pieces = $this->studio()->pieces()->latest('updated_at')->latest('id')->limit(self::MOST)->get();
        $minutes = $this->minutes(self::said($request, 'minutes'));
        $agendas = $this->agendas(array_values($pieces->all()), $answers, $request->boolean('find') ? self::FINDING : 0.0);
        $poured = $this->poured();
        $view = ['view' => new TodayView(array_map(fn(Piece $piece): TodayPiece => new TodayPiece(
            $piece,
            $agendas[$piece->id],
            $poured[$piece->id] ?? [],
            $this->studio()->units,
        ), array_values($pieces->all())), now()->toImmutable(), $minutes)];

        return $request->header('HX-Request') === 'true' ? view('today.day', $view) : view('today.show', $view);
    }

    /**
     * @param list<Piece> $pieces
     * @param float       $seconds after which no further one is computed; 0 where only what is kept is wanted
     *
     * @return array<string, Agenda|null> by piece
     */
    private function agendas(array $pieces, Answers $answers, float $seconds): array
    {
        [$agendas, $until] = [[], hrtime(true) + 1e9 * $seconds];
        foreach ($pieces as $piece) {
            $agendas[$piece->id] = $answers->agenda($piece);
            if ($agendas[$piece->id] === null && $seconds > 0.0 && hrtime(true) < $until) {
                $answers->find($piece, $this->member());
                $agendas[$piece->id] = $answers->agenda($piece);
            }
        }

        return $agendas;
    }

    /** @return array<string, array<int, Carbon>> when pours were first mixed, by piece and number */
    private function poured(): array
    {
        $poured = [];
        foreach (Mixing::query()->where('studio_id', $this->studio()->id)->latest('id')->get(['piece_id', 'pour', 'created_at']) as $one) {
            $poured[$one->piece_id][$one->pour] = $one->created_at;
        }

        return $poured;
    }

    /** A bare number is minutes. */
    private function minutes(string $said): float
    {
        if (trim($said) === '') {
            return self::USUAL_MINUTES;
        }
        $system = $this->studio()->units;
        $said = is_numeric($said) ? "{$said} min" : $said;
        $minutes = 60.0 * Asked::quantity('minutes', $system, fn(): float => Duration::parse($said)->h());

        return $minutes > 0.0 && $minutes <= self::MOST_MINUTES ? $minutes
            : throw ValidationException::withMessages(['minutes' => Words::asked('today')['minutes.*']]);
    }
}
