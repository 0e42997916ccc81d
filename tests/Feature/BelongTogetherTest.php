<?php

declare(strict_types=1);

use App\Models\Piece;
use Pensilis\PlanFile\Document;
use Tests\Plans;

/*
 * Values that only make sense together, typed one after the other as a hand does: each is sent at once, and what was refused goes along
 * with what is typed next.
 */
beforeEach(function (): void {
    $this->signedInWith = function (array $document): Piece {
        [, $piece] = $this->signedIn($document);
        $this->withHeader('HX-Request', 'true');
        $this->refused = [];

        return $piece;
    };
    /** @param array<string, array{string, string}> $typed what each field shows and what is typed into it */
    $this->send = function (Piece $piece, array $typed) {
        $answer = $this->patch("/pieces/{$piece->id}", ['edit' => json_encode([
            'of' => $piece->refresh()->fingerprint(), 'f' => $typed, 'refused' => array_keys($this->refused),
        ])]);
        preg_match_all('/data-field="f\[([^"]+)\]"/', (string) $answer->getContent(), $found);
        $this->refused = array_intersect_key($typed, array_flip($found[1]));

        return $answer;
    };
    $this->type = fn(Piece $piece, string $pointer, string $shown, string $text) => ($this->send)(
        $piece,
        [...$this->refused, $pointer => [$shown, $text]],
    );
    $this->says = fn(Piece $piece, string $pointer): mixed => Document::value($piece->fresh()->document, $pointer);
});

it('keeps water marks and a height that only make sense together', function (): void {
    $piece = ($this->signedInWith)(Plans::changed(['/inclusions' => [], '/vessel' => [
        'shape' => 'calibrated', 'marks' => [[20, 100], [40, 220]], 'height_mm' => 40,
        'wall'  => ['material' => 'silicone', 'thickness_mm' => 4],
    ]], Plans::cone()));
    ($this->type)($piece, '/vessel/height_mm', '40 mm', '60 mm')->assertUnprocessable();
    expect(($this->says)($piece, '/vessel/height_mm'))->toBe(40)->and(array_keys($this->refused))->toBe(['/vessel/height_mm']);
    ($this->type)($piece, '/vessel/marks', '20 mm: 100 g; 40 mm: 220 g', '20 mm: 100 g; 60 mm: 330 g')->assertOk();
    expect(($this->says)($piece, '/vessel/height_mm'))->toEqual(60)
        ->and(($this->says)($piece, '/vessel/marks/1'))->toEqual([60, 330])
        ->and($this->refused)->toBe([]);
});

it('takes a second line of hours field by field', function (): void {
    $piece = ($this->signedInWith)(Plans::cone());
    ($this->type)($piece, '/studio/hours/1/from', '', '09:00')->assertUnprocessable();
    ($this->type)($piece, '/studio/hours/1/to', '', '12:00')->assertUnprocessable();
    ($this->type)($piece, '/studio/hours/1/days', '', 'sat-sun')->assertOk();
    expect(($this->says)($piece, '/studio/hours/1'))->toBe(['days' => 'sat-sun', 'from' => '09:00', 'to' => '12:00'])
        ->and($this->refused)->toBe([]);
});

it('takes a rise of the bench and the length over which it rises', function (): void {
    $piece = ($this->signedInWith)(Plans::cone());
    ($this->type)($piece, '/vessel/level/rise_mm', '', '1 mm')->assertUnprocessable();
    ($this->type)($piece, '/vessel/level/over_mm', '', '300 mm')->assertOk();
    expect(($this->says)($piece, '/vessel/level'))->toEqual(['rise_mm' => 1, 'over_mm' => 300]);
});

it('lets a pour under a full one grow by what that one gives', function (): void {
    $piece = ($this->signedInWith)(Plans::coneWithPours());
    ($this->type)($piece, '/pours/0/depth_mm', '14 mm', '18 mm')->assertUnprocessable();
    ($this->type)($piece, '/pours/2/depth_mm', '34 mm', '30 mm')->assertOk();
    expect(array_column(($this->says)($piece, '/pours'), 'depth_mm'))->toEqual([18, 12, 30])->and($this->refused)->toBe([]);
});

it('keeps what else is typed while something is refused, and says each time that it is', function (): void {
    $piece = ($this->signedInWith)(Plans::cone());
    ($this->type)($piece, '/inclusions/0/target_bottom_mm', '14 mm', 'over the moon')->assertUnprocessable();
    ($this->type)($piece, '/title', 'Larch cone block', 'Renamed')->assertOk()
        ->assertSee('All else is kept; this is not')->assertSee('“over the moon” does not read as a number');
    expect(($this->says)($piece, '/title'))->toBe('Renamed')
        ->and(($this->says)($piece, '/inclusions/0/target_bottom_mm'))->toBe(14)
        ->and(array_keys($this->refused))->toBe(['/inclusions/0/target_bottom_mm']);
    // Both wrong: both are told, nothing is changed.
    $answer = ($this->type)($piece, '/vessel/height_mm', '60 mm', 'high')->assertUnprocessable();
    expect(array_keys($this->refused))->toEqualCanonicalizing(['/vessel/height_mm', '/inclusions/0/target_bottom_mm']);
    // A page that is loaded anew sends all of it again: nothing is new, the reasons are told.
    ($this->send)($piece, $this->refused)->assertUnprocessable();
});
