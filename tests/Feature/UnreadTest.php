<?php

declare(strict_types=1);

use App\Models\Event;
use Illuminate\Support\Facades\DB;
use Pensilis\Record\EventKind;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->good] = $this->signedIn(['title' => 'Good cone'] + Plans::cone());
    // As a later version may find it: a shape that it does not know, and a mesh that is gone.
    $this->spoilt = function (string $title, array $vessel): object {
        $piece = $this->pieceOf($this->user, ['title' => $title] + Plans::cone());
        $this->post("/pieces/{$piece->id}/vessel", ['name' => "Vessel of {$title}"])->assertSessionHasNoErrors();
        foreach (['pieces' => ['id' => $piece->id], 'vessels' => ['name' => "Vessel of {$title}"]] as $table => $which) {
            $document = json_decode(DB::table($table)->where($which)->value('document'), true);
            $document = $table === 'pieces' ? ['vessel' => $vessel] + $document : $vessel;
            DB::table($table)->where($which)->update(['document' => json_encode($document)]);
        }

        return $piece;
    };
    $wall = ['material' => 'silicone', 'thickness_mm' => 4];
    $this->dish = ($this->spoilt)('Dish', ['shape' => 'dish', 'wall' => $wall]);
    $this->gone = ($this->spoilt)('Gone', ['shape' => 'stl', 'mesh' => str_repeat('a', 64), 'wall' => $wall]);
});

it('shows all others where one piece makes no plan any more, and that one by its name', function (): void {
    $this->get('/pieces')->assertOk()->assertSeeInOrder(['Gone', 'makes no plan', 'Dish', 'makes no plan', 'Good cone']);
    $this->get('/today?find=1')->assertOk()->assertDontSee('Finding times')->assertSeeInOrder(['Good cone', 'Need another look', 'Gone']);
    $this->get('/shelf')->assertOk()->assertSee('Vessel of Dish')->assertSee('makes no plan any more');
    $this->get('/orders')->assertOk();
});

it('says why on its own pages, where they lead nowhere else, and keeps it to be taken', function (): void {
    foreach ([[$this->dish, 'A vessel cannot be a “dish”'], [$this->gone, 'not kept in your studio']] as [$piece, $why]) {
        foreach (['', '/sheet', '/template', '/pours/0', '/heat'] as $page) {
            $this->get("/pieces/{$piece->id}{$page}")->assertStatus(409)->assertSee('no plan can be made of it');
        }
        $this->get("/pieces/{$piece->id}")->assertSee($why);
        expect(json_decode((string) $this->get("/pieces/{$piece->id}/file")->assertOk()->getContent(), true)['title'])->toBe($piece->title);
        $this->delete("/pieces/{$piece->id}")->assertRedirect('/pieces');
        $this->put("/trash/{$piece->id}")->assertRedirect('/pieces');
    }
});

it('leaves it out of the calendar, which has all others', function (): void {
    $this->post('/feed');
    $calendar = (string) $this->get((string) parse_url((string) session('feed'), PHP_URL_PATH))->assertOk()->getContent();
    expect($calendar)->toContain('SUMMARY:Good cone')->not->toContain('SUMMARY:Dish')->not->toContain('SUMMARY:Gone');
});

it('undoes the change that left it so', function (): void {
    $this->good->change(fn(array $document): array => ['title' => 'Good, changed'] + $document);
    $document = json_decode(DB::table('pieces')->where('id', $this->good->id)->value('document'), true);
    $document['vessel']['diameter_mm'] = -90;
    DB::table('pieces')->where('id', $this->good->id)->update(['document' => json_encode($document)]);
    $this->get("/pieces/{$this->good->id}")->assertStatus(409)->assertSee('Undo its last change');
    $this->post("/pieces/{$this->good->id}/steps", ['step' => 'back'])->assertSessionHasNoErrors();
    $this->get("/pieces/{$this->good->id}")->assertOk()->assertSee('Good cone');
});

it('takes back what was noted of it', function (): void {
    $event = Event::note($this->dish, EventKind::Note, ['note' => 'put aside']);
    $this->delete("/pieces/{$this->dish->id}/record/{$event->seq}")->assertRedirect("/pieces/{$this->dish->id}/record");
    expect(Event::query()->counting()->where('piece_id', $this->dish->id)->count())->toBe(0);
});
