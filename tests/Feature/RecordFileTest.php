<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Zoned;
use App\Models\Event;
use App\Models\Piece;
use App\Models\Studio;
use App\Words\Words;
use Database\Seeders\DemoPieces;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Pensilis\Finding\Finding;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\RecordReader;
use Pensilis\Record\EventKind;
use Tests\Mixes;
use Tests\Plans;

/** @return array<string, mixed> the cone with a record of its first two pours, told by their ids */
function recorded(): array
{
    return Plans::changed([
        '/pours/0/id' => 'ground', '/pours/1/id' => 'middle', '/pours/2/id' => 'top',
        '/record'     => ['events' => [
            ['id' => '01KB0', 'kind' => 'weighed', 'at' => '2026-03-02T08:55', 'pour' => 'ground', 'part' => 'a', 'g' => 69.1],
            ['id' => '01KB1', 'kind' => 'mixed', 'at' => '2026-03-02T09:00', 'pour' => 'ground', 'g' => 9],
            ['id' => '01KB2', 'kind' => 'poured', 'at' => '2026-03-02T09:20', 'pour' => 'ground', 'note' => "by\nthe window"],
            ['id' => '01KB3', 'kind' => 'probe', 'at' => '2026-03-02T12:00', 'pour' => 'ground', 'series' => [[0.5, 21.4]]],
            ['id' => '01KB4', 'kind' => 'room', 'at' => '2026-03-02T20:00', 'celsius' => 17.0, 'rh_pct' => 48],
            ['id' => '01KB5', 'kind' => 'poured', 'at' => '2026-03-05T21:00', 'pour' => 'middle'],
            ['id' => '01KB6', 'kind' => 'away', 'from' => '2026-03-08T06:00', 'to' => '2026-03-09T06:00'],
        ]],
    ], Plans::coneWithPours());
}

/** @param array<string, mixed> $document */
function written(array $document): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'plan');
    file_put_contents($file, json_encode($document));

    return $file;
}

it('keeps the record of a plan file whole through import, changes and export, and folds it to the same', function (): void {
    $this->actingAs($this->member());
    $upload = fn(array $document) => $this->post('/pieces/files', [
        'file' => UploadedFile::fake()->createWithContent('cone.pensilis.json', (string) json_encode($document)),
    ])->assertSessionHasNoErrors();
    // Twice: what one piece was told is not told to the other.
    $upload(recorded());
    $upload(recorded());
    $piece = Piece::query()->latest('id')->firstOrFail();
    $this->patch("/pieces/{$piece->id}", ['f' => ['/pours/2/depth_mm' => '33 mm']])->assertSessionHasNoErrors();
    $this->post("/pieces/{$piece->id}/steps", ['step' => 'back']);
    $this->post("/pieces/{$piece->id}/steps", ['step' => 'forth']);
    $exported = PlanFile::decode((string) $this->get("/pieces/{$piece->id}/file")->assertOk()->getContent());
    $folded = fn(array $document): string => hash('sha256', serialize(RecordReader::ofPlan($document, PlanFile::plan($document))));
    $events = array_map(fn(array $one): array => array_diff_key($one, ['noted_at' => 1]), $exported['record']['events']);
    expect($events)->toEqual(recorded()['record']['events'])->and($exported['pours'][2]['depth_mm'])->toEqual(33)
        ->and(array_column($exported['record']['events'], 'noted_at'))->toHaveCount(7)
        ->and($folded($exported))->toBe($folded(Plans::changed(['/pours/2/depth_mm' => 33], recorded())));
});

it('tells twenty things typed by hand alike everywhere, and after export and import', function (): void {
    $coaster = array_column(DemoPieces::all('2026-03-02'), null, 'title')['Magpie feather coaster'];
    [$user, $piece] = $this->signedIn($coaster);
    [$ground, $cover] = resolve(Answers::class)->find($piece, $user)->layout->ids();
    foreach ([
        ['room', '02T17:00', 'figure' => '18 °C'], ['poured', '02T17:35', 'pour' => $ground], ['passed', '02T17:50', 'pour' => $ground],
        ['kept', '02T17:55', 'pour' => $ground, 'figure' => '2.5 g'], ['covered', '02T18:05', 'pour' => $ground],
        ['note', '02T18:10', 'note' => 'the barb lies to the left'], ['tack', '02T19:30', 'pour' => $ground, 'result' => 'wet'],
        ['room', '02T21:00', 'figure' => '16.5 °C'], ['tack', '02T22:00', 'pour' => $ground, 'result' => 'prints'],
        ['poured', '02T22:10', 'pour' => $cover], ['passed', '02T22:20', 'pour' => $cover],
        ['tipped-off', '02T22:25', 'pour' => $cover, 'figure' => '1 g'], ['covered', '02T22:35', 'pour' => $cover],
        ['mishap', '02T22:36', 'note' => 'a moth on the face'], ['level', '03T07:00', 'pour' => $ground, 'figure' => '4 mm'],
        ['gelled', '03T07:05', 'pour' => $cover], ['tack', '03T07:10', 'pour' => $cover, 'result' => 'firm'],
        ['level', '03T07:15', 'pour' => $cover, 'figure' => '10.5 mm'], ['room', '03T07:20', 'figure' => '17 °C'],
        ['note', '03T07:30', 'note' => 'moth sanded out'],
    ] as $one) {
        $this->travelTo("2026-03-{$one[1]}");
        $said = ['kind' => $one[0], 'at' => "2026-03-{$one[1]}"] + $one;
        $this->post("/pieces/{$piece->id}/record", $said)->assertSessionHasNoErrors();
    }
    expect($piece->events()->count())->toBe(20);
    $file = fn(): array => PlanFile::decode((string) $this->get(
        '/pieces/' . Piece::query()->latest('id')->value('id') . '/file',
    )->getContent());
    [$code, $said] = command('replan', $exported = $file());
    $work = array_values(array_filter($said['tasks'], fn(array $one): bool => !in_array($one['kind'], ['dry', 'full-cure'], true)));
    $moment = fn(array $task): string => Carbon::parse($task['start'])->format('D j M, H:i');
    expect($code)->toBe(0)->and(array_column($said['moved'], 'why'))->not->toBe([])
        ->and(array_slice(array_column($said['pours'], 'start_h'), 0, 2))->toEqualWithDelta([9.5833, 14.1667], 0.001);
    // Page, sheet and calendar have the moment of each task; the day that of what is left.
    $this->get("/pieces/{$piece->id}")->assertSeeInOrder(['id="tasks"', ...array_map($moment, $said['tasks'])], false)
        ->assertSee(lcfirst($said['moved'][0]['why']));
    $pours = array_filter($work, fn(array $one): bool => $one['kind'] === 'pour');
    $this->get("/pieces/{$piece->id}/sheet")->assertSeeInOrder(array_map($moment, array_values($pours)));
    $starts = array_map(fn(array $one): string => 'DTSTART:' . Carbon::parse($one['start'])->format('Ymd\\THis'), $work);
    preg_match_all('/DTSTART:\\S+/', (string) $this->get("/pieces/{$piece->id}/calendar")->getContent(), $found);
    preg_match_all('/DTSTART:\\S+/', Artisan::call('pensilis:calendar', ['file' => written($exported)]) . Artisan::output(), $commanded);
    expect($found[0])->toEqual($starts)->and($commanded[0])->toEqual($starts);
    $left = array_values(array_filter($work, fn(array $one): bool => $one['kind'] === 'demold'))[0];
    $this->get('/today')->assertSeeInOrder(['Next', 'Magpie feather coaster', 'Demold', $moment($left)]);
    // Exported, taken in again and folded it is the same.
    $this->post('/pieces/files', ['file' => UploadedFile::fake()->createWithContent('coaster.json', (string) json_encode($exported))]);
    expect(command('replan', $file()))->toBe([$code, $said, '']);
});

it('goes on from the record that a plan file carries, by the last that is noted or by an hour that is said', function (): void {
    [$code, $said] = command('replan', recorded());
    expect($code)->toBe(0)
        ->and($said['pours'][0]['start_h'])->toEqual(1.0)->and($said['pours'][1]['start_h'])->toEqual(85.0)
        ->and($said['asked'])->toBe([])
        ->and(array_column($said['moved'], 'why', 'what'))->toMatchArray([
            'pour 1' => 'Pour 1 was begun 1 h later', 'pour 2' => 'Pour 2 was begun 13 h later',
        ]);
    [, $said] = command('replan', recorded(), '--now=200');
    expect($said['asked'])->toBe([2])->and($said['pours'][2]['start_h'])->toBeGreaterThanOrEqual(200);
    [$code, , $errors] = command('replan', recorded(), '--now=noon');
    expect($code)->toBe(2)->and($errors)->toContain('--now: Write an hour of the plan');
});

it('takes back what it gave although pours were divided, exchanged and taken out since they were noted', function (): void {
    [, $piece] = $this->signedIn(Plans::coneWithPours());
    foreach ([0, 1, 2] as $pour) {
        $this->post("/pieces/{$piece->id}/pours/{$pour}/mixings", ['mixed' => '100 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
    }
    $this->patch("/pieces/{$piece->id}/pours/0", ['way' => 'split'])->assertSessionHasNoErrors();
    $this->patch("/pieces/{$piece->id}/pours/2", ['way' => 'remove'])->assertSessionHasNoErrors();
    $told = fn(Piece $piece): array => array_map(
        fn(array $one): array => array_diff_key($one, ['noted_at' => 1]),
        PlanFile::decode((string) $this->get("/pieces/{$piece->id}/file")->getContent())['record']['events'],
    );
    $this->post('/pieces/files', ['file' => UploadedFile::fake()->createWithContent(
        'cone.json',
        (string) $this->get("/pieces/{$piece->id}/file")->getContent(),
    )])->assertSessionHasNoErrors();
    $again = Piece::query()->latest('id')->whereKeyNot($piece->id)->firstOrFail();
    expect($told($again))->toBe($told($piece))->and(count($told($again)))->toBe(6);
    $this->get("/pieces/{$again->id}/record")->assertOk()->assertSee('that is no more');
});

it('refuses a plan file whose record makes no sense, with its place', function (): void {
    $check = function (array $changes): string {
        try {
            PlanFile::plan(PlanFile::decode((string) json_encode(Plans::changed($changes, recorded()))));
        } catch (PlanRefused $refusal) {
            $says = fn(Finding $one): string => "{$one->pointer}: " . Words::metric()->finding($one);

            return implode("\n", array_map($says, $refusal->problems));
        }

        return '';
    };
    expect($check(['/record/events/2/pour' => 'roof']))->toContain('/record/events/2/pour: No pour of this plan has the id “roof”')
        ->and($check(['/record/events/5/at' => '2026-03-01T09:00']))->toContain('/record/events/5: Pour 2 cannot come before pour 1')
        ->and($check(['/record/events/0/celsius' => 20]))->toContain('/record/events/0/celsius: This key is not known here')
        ->and($check(['/record/events/0/weight_g' => 20]))->toContain('/record/events/0/weight_g: This key is not known here');
});

it('puts what was noted into another time zone with the plan', function (): void {
    $vienna = Plans::changed(['/studio/zone' => 'Europe/Vienna'], recorded());
    $kolkata = Zoned::in($vienna, 'Asia/Kolkata');
    expect($kolkata['record']['events'][1]['at'])->toBe('2026-03-02T13:30')
        ->and($kolkata['record']['events'][6])->toMatchArray(['from' => '2026-03-08T10:30', 'to' => '2026-03-09T10:30']);
    $folded = fn(array $document): array => RecordReader::ofPlan($document, PlanFile::plan($document))->happened()->begun;
    expect($folded($kolkata))->toBe($folded($vienna));
});

it('takes ten thousand events, and refuses one more', function (): void {
    $events = fn(int $many): array => array_map(
        fn(int $n): array => ['id' => "e{$n}", 'kind' => 'room', 'at_h' => $n / 1000, 'celsius' => 21],
        range(1, $many),
    );
    $plan = PlanFile::plan(recorded());
    expect(RecordReader::ofPlan(['record' => ['events' => $events(10_000)]], $plan)->now)->toBe(10.0)
        ->and(fn() => RecordReader::ofPlan(['record' => ['events' => $events(10_001)]], $plan))->toThrow(PlanRefused::class);
});

it('takes the moments of a file in another time zone as they were', function (): void {
    $studio = Studio::query()->create(['name' => 'East', 'units' => 'metric', 'zone' => 'Asia/Kolkata']);
    $this->actingAs($this->member(studio: $studio));
    $vienna = Plans::changed(['/studio/zone' => 'Europe/Vienna'], recorded());
    $this->post('/pieces/files', ['file' => UploadedFile::fake()->createWithContent('cone.pensilis.json', (string) json_encode($vienna))])
        ->assertSessionHasNoErrors();
    $piece = Piece::query()->sole();
    // Nine in the morning, an hour ahead of UTC.
    expect($piece->events()->where('kind', EventKind::Mixed)->sole()->at->toDateTimeString())->toBe('2026-03-02 08:00:00')
        ->and($piece->record()->progress()->happened()->begun)->toBe([1.0, 85.0]);
});

it('writes of a piece without a start a file that can be read again', function (): void {
    $cone = Plans::coneWithPours();
    unset($cone['studio']['start'], $cone['studio']['hours']);
    [$user, $piece] = $this->signedIn($cone);
    Mixes::of($piece, at: Carbon::parse('2026-03-02 09:00'));
    Event::note($piece, EventKind::Gelled, ['pour' => array_key_first($piece->numbers())], Carbon::parse('2026-03-03 05:30'));
    $exported = PlanFile::decode((string) $this->get("/pieces/{$piece->id}/file")->assertOk()->getContent());
    $events = $exported['record']['events'];
    // Hours from the first that is noted.
    expect(array_column($events, 'at_h'))->toEqual([0, 0, 20.5])
        ->and(RecordReader::ofPlan($exported, PlanFile::plan($exported))->pours[0]->gelled)->toBe(20.5);
});
