<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Http\Controllers\Controller;
use App\Http\Requests\Asked;
use App\Interchange\Answers\Answers;
use App\View\Page\StudioDay;
use App\View\Page\TodayView;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Pensilis\Quantity\Duration;

/** Every piece on one time line: what cures, what is next, and what can be done in the time at hand. */
final class TodayController extends Controller
{
    /** Times are found for so long before the page is shown again, s. */
    private const FINDING = 2.0;

    private const USUAL_MINUTES = 60.0;

    private const MOST_MINUTES = 24.0 * 60.0;

    public function show(Request $request, Answers $answers): View
    {
        $request->validate(['minutes' => ['nullable', 'string', 'max:' . Limits::QUANTITY]], Words::asked('today'));
        $minutes = $this->minutes(self::said($request, 'minutes'));
        $pieces = (new StudioDay($this->studio(), $answers))->pieces($request->boolean('find') ? $this->member() : null, self::FINDING);
        $view = ['view' => new TodayView($pieces, $this->studio()->now()->toImmutable(), $minutes)];

        return $request->header('HX-Request') === 'true' ? view('today.day', $view) : view('today.show', $view);
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
