<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Turns\Turn;
use Pensilis\Simulation\CureFilm;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coneWithPours());
    $this->address = "/pieces/{$this->piece->id}/pours/1/cure";
    $this->known = fn() => $this->get("/pieces/{$this->piece->id}/heat")->assertOk();
});

it('waits for heat, and says where to get it', function (): void {
    $this->get($this->address)->assertOk()->assertSee('Heat is not known yet')->assertSee("/pieces/{$this->piece->id}\"", false);
    $this->get("/pieces/{$this->piece->id}/pours/9/cure")->assertNotFound();
});

it('shows the cure as a field, in the section, as curves and as a table', function (): void {
    ($this->known)();
    $page = $this->get($this->address)->assertOk()
        ->assertSeeInOrder(['How it cures', '°C', 'Temperature along the middle', 'Temperature in the section', 'What its objects meet',
            'cone', 'bears 70 °C', 'At a few places', 'recoat opens', 'its face, middle', 'half its depth, at the wall'])
        ->getContent();
    preg_match('/data-frames="([^"]+)"/', $page, $said);
    $frames = json_decode(html_entity_decode($said[1]), true);
    // As many moments as the slider has, each with a character for every cell, up to what is poured by then.
    expect($frames)->toHaveCount(CureFilm::FRAMES + 1)
        ->and(array_unique(array_map(strlen(...), $frames)))->toBe([240])
        ->and(substr($frames[0], -10))->toBe('----------')
        ->and($frames[0])->toMatch('/^\d+-+$/')
        ->and($frames[CureFilm::FRAMES])->toMatch('/^\d+-*$/');
    $this->get("{$this->address}?of=conversion")->assertOk()->assertSeeInOrder(['Cure in the section', 'Cure over the hours'], false)
        ->assertSee('0 to 10')->assertSee('90 to 100');
});

it('reads temperatures in the units of the studio', function (): void {
    $this->user->studio->update(['units' => 'us']);
    ($this->known)();
    $this->get($this->address)->assertOk()->assertSee('°F')->assertDontSee('°C')->assertSee('bears 158 °F');
});

it('draws a curve at a height that is asked for', function (): void {
    ($this->known)();
    $this->get("{$this->address}?height=1/2 in")->assertOk()->assertSee('12.7 mm above the floor, middle');
});

it('says what is wrong with what is asked for, and keeps it', function (string $query, string $says): void {
    ($this->known)();
    $this->from($this->address)->get("{$this->address}?{$query}")->assertRedirect($this->address);
    $this->get($this->address)->assertOk()->assertSee($says);
})->with([
    'no moment'       => ['frame=soon', 'Choose a moment on the slider.'],
    'a later moment'  => ['frame=900', 'Choose a moment on the slider.'],
    'no height'       => ['height=high', 'high'],
    'above the fill'  => ['height=90 mm', 'between the floor and the top of the fill, 60 mm'],
    'below the floor' => ['height=-3 mm', 'between the floor and the top of the fill, 60 mm'],
]);

it('gives all of it away as a table', function (): void {
    ($this->known)();
    $answer = $this->get("{$this->address}?as=csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8');
    $lines = array_map(fn(string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim($answer->getContent())));
    expect($lines[0])->toBe(['hour', 'height_mm', 'from_axis_mm', 'celsius', 'conversion_pct'])
        ->and(array_unique(array_map(count(...), $lines)))->toBe([5])
        ->and(count(array_unique(array_column($lines, 0))))->toBe(CureFilm::FRAMES + 2)
        ->and((float) $lines[1][0])->toBe(0.0);
    $last = end($lines);
    expect((float) $last[3])->toBeGreaterThan(15.0)->toBeLessThan(40.0);
});

it('gives the field away as a drawing that stands alone', function (): void {
    ($this->known)();
    $answer = $this->get("{$this->address}?as=svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml; charset=utf-8');
    $drawing = simplexml_load_string($answer->getContent());
    expect($drawing)->not->toBeFalse()->and($drawing->getName())->toBe('svg');
    $drawing->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
    expect(count($drawing->xpath('//s:rect')))->toBeGreaterThan(30)
        ->and(array_map(strval(...), $drawing->xpath('//s:text')))->toContain('14 mm');
});

it('tints the greatest heat into the section on demand', function (): void {
    $plain = $this->get("/pieces/{$this->piece->id}?tinted=1")->assertOk()->getContent();
    expect($plain)->not->toContain('class="tint"');
    ($this->known)();
    $tinted = $this->get("/pieces/{$this->piece->id}?tinted=1")->assertOk()->assertSee('Its greatest heat')->getContent();
    expect($tinted)->toContain('class="tint"')->toContain('class="bands"')
        ->and($this->get("/pieces/{$this->piece->id}")->getContent())->not->toContain('class="tint"')
        // What is computed afterwards is drawn with it.
        ->and($this->get("/pieces/{$this->piece->id}/heat?of={$this->piece->fingerprint()}&tinted=1")->getContent())
        ->toContain('class="tint"');
});

it('sets beside the plan what would be otherwise, when asked', function (): void {
    ($this->known)();
    $this->get($this->address)->assertOk()->assertSee('Reckon it otherwise')->assertDontSee('all is as planned');
    $this->get("{$this->address}?if=1")->assertOk()->assertSeeInOrder([
        'as planned', '22 °C', 'colder', 'warmer', 'a fifth deeper', 'stands full for 20 minutes', 'a box stands over it', 'hot air',
        '47 °C',
    ]);
});

it('computes a cure in its turn, and asks again by itself where none is free', function (): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/title' => 'Turns'], Plans::coneWithPours()));
    app(Answers::class)->find($piece, $this->user);
    $path = "/pieces/{$piece->id}/pours/0/cure";
    $turns = array_map(fn(): ?Turn => Turn::take('answers', config()->integer('pensilis.long_at_once')), [1, 2]);
    foreach (['', '?if=1'] as $asked) {
        $this->get("{$path}{$asked}")->assertStatus(503)
            ->assertHeader('Refresh', '3')->assertSee('Computing for others');
    }
    $this->withHeader('HX-Request', 'true')->get($path)->assertStatus(503)->assertSee('Try again in a moment');
    array_map(fn(?Turn $turn) => $turn?->giveBack(), $turns);
    $this->withoutHeader('HX-Request')->get("{$path}?if=1")->assertOk();
});
