<?php

declare(strict_types=1);

use App\Models\Order;
use App\Models\OrderStage;
use App\Models\Studio;
use Illuminate\Http\UploadedFile;
use Tests\Plans;

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    $this->orders = fn() => $this->user->studio->orders();
    $this->write = fn(array $typed) => $this->from('/orders')->post('/orders', $typed);
});

it('writes an order down, changes it, takes it away and back', function (): void {
    $this->get('/orders')->assertOk()->assertSee('Write down what somebody asks for');
    ($this->write)(['wanted' => 'Cone of the larch', 'whom' => 'the hut', 'due' => '2031-06-01', 'price' => '85.5'])
        ->assertSessionHasNoErrors();
    $order = ($this->orders)()->sole();
    expect($order->stage)->toBe(OrderStage::Asked)->and($order->price)->toBe(85.5);
    $this->get('/orders')->assertSee('Cone of the larch')->assertSee('until 1 Jun 2031')->assertSee('for 85.50');
    $this->patch("/orders/{$order->id}", ['stage' => 'handed', 'saw' => json_encode($order->plain())] + $order->plain())
        ->assertSessionHasNoErrors();
    $this->get('/orders')->assertSee('Written down: Cone of the larch.');
    $this->get('/orders')->assertDontSee('Cone of the larch');
    $this->get('/orders?only=handed')->assertSee('Cone of the larch');
    $this->get('/orders?only=all&q=HUT')->assertSee('Cone of the larch');
    $this->delete("/orders/{$order->id}")->assertRedirect('/orders');
    $this->get('/orders')->assertSee('was taken off');
    $this->put("/orders/{$order->id}")->assertSessionHas('said', 'Cone of the larch is among the orders again.');
    ($this->write)(['wanted' => 'Too late', 'due' => '2020-01-01'])->assertSessionHasNoErrors();
    $this->get('/orders')->assertSee('▽ late');
});

it('begins the piece of an order, due on its day, and says what is left of the price', function (): void {
    ($this->write)(['wanted' => 'Cone of the larch', 'due' => '2031-06-01', 'price' => '100'])->assertSessionHasNoErrors();
    $order = ($this->orders)()->sole();
    $this->post("/orders/{$order->id}/piece")->assertRedirect();
    $piece = $order->refresh()->piece;
    expect($piece->title)->toBe('Cone of the larch')->and($piece->document['purpose']['due'])->toBe('2031-06-01T18:00');
    // Pressed again it is the same one.
    $this->post("/orders/{$order->id}/piece")->assertRedirect("/pieces/{$piece->id}");
    $cone = Plans::changed(['/resins/0/price_per_kg' => 0, '/studio/consumables_price' => 20], Plans::coneWithPours());
    $piece->change(fn(): array => $cone);
    // By hand: three pours at 20 for cups and gloves are 60, of 100.
    $this->get("/pieces/{$piece->id}?heat=1")->assertSee('It is ordered for 100.00: 40.00 more than it costs.');
    $order->update(['price' => 50]);
    $this->get("/pieces/{$piece->id}?heat=1")->assertSee('It is ordered for 50.00: 10.00 less than it costs.');
});

it('takes orders as a table, out and in, all rows or none', function (): void {
    $send = fn(string $text) => $this->from('/orders')->post('/orders/table', [
        'table' => UploadedFile::fake()->createWithContent('orders.csv', $text),
    ]);
    $rows = "Cone,the hut,2031-06-01,85,agreed,\"quick, please\"\nShell,,,,,\n";
    $send("wanted,whom,due,price,stage,note\n{$rows}")->assertSessionHasNoErrors();
    expect(($this->orders)()->count())->toBe(2)->and(($this->orders)()->first()->note)->toBe('quick, please');
    $table = $this->get('/orders/table.csv')->assertOk()->getContent();
    // What went out and comes back is the same orders, with what was changed in the table.
    $send(str_replace(',85,', ',95,', $table))->assertSessionHasNoErrors();
    expect(($this->orders)()->pluck('price')->all())->toBe([95.0, null]);
    ($this->orders)()->forceDelete();
    $send($table)->assertSessionHasNoErrors();
    $unnumbered = fn(string $rows): string => (string) preg_replace('/^\d+,/m', '', $rows);
    expect($unnumbered($this->get('/orders/table.csv')->getContent()))->toBe($unnumbered($table));
    // The number of another studio's order is no number here.
    $others = Studio::query()->create(['name' => 'Another', 'units' => 'metric'])->orders()->create(['wanted' => 'Theirs']);
    $send("id,wanted\n{$others->id},Mine\n")->assertSessionHasNoErrors();
    expect($others->refresh()->wanted)->toBe('Theirs')->and(($this->orders)()->count())->toBe(3);
    ($this->orders)()->where('wanted', 'Mine')->forceDelete();
    foreach ([
        "wanted,price\nCone,dear\n"                     => 'Row 2, column price', "wanted,due\nCone,soon\n" => 'Row 2, column due',
        "wanted,stage\nCone,somewhere\n"                => 'Row 2, column stage', "wanted,whom\n,the hut\n" => 'column wanted',
        "whom\nthe hut\n"                               => 'Row 1', "wanted,colour\nCone,red\n" => 'Row 1', '' => 'no rows',
        str_repeat('a.', 30_000) . "a,wanted\n1,Cone\n" => 'Row 1: at most',
    ] as $text => $says) {
        $send($text)->assertSessionHasErrors('table');
        expect(implode(' ', session('errors')->get('table')))->toContain($says);
    }
    expect(($this->orders)()->count())->toBe(2);
});

it('refuses what makes no sense, and asks where two have changed the same', function (array $typed, string $field): void {
    ($this->write)($typed + ['wanted' => 'Cone'])->assertSessionHasErrors($field);
    expect(Order::query()->count())->toBe(0);
})->with([
    [['wanted' => ''], 'wanted'], [['wanted' => str_repeat('a', 200)], 'wanted'], [['due' => 'soon'], 'due'],
    [['due' => '2031-02-30'], 'due'], [['price' => '-5'], 'price'], [['price' => '1e9'], 'price'], [['stage' => 'lost'], 'stage'],
    [['note' => str_repeat('a', 3000)], 'note'],
]);

it('asks before it writes over what another has written of an order', function (): void {
    ($this->write)(['wanted' => 'Cone', 'price' => '10']);
    $order = ($this->orders)()->sole();
    $saw = json_encode($order->plain());
    $order->update(['price' => 20]);
    $this->from('/orders')->patch("/orders/{$order->id}", ['price' => '30', 'saw' => $saw] + $order->plain())
        ->assertSessionHasErrors('price');
    expect($order->refresh()->price)->toBe(20.0);
});
