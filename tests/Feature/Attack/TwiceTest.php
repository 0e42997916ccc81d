<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Interchange\Answers\GivenPours;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Pensilis\PlanFile\Document;
use Tests\Plans;

/** @return list<array{string, array<string, mixed>}> action and what it sends, of each form of a page and each of its presses */
function formsOf(string $html): array
{
    $page = new DOMDocument();
    $page->loadHTML('<?xml encoding="utf-8"?>' . $html, LIBXML_NOERROR);
    $path = new DOMXPath($page);
    $forms = [];
    foreach ($path->query('//form[@method="post"]') as $form) {
        $id = $form->getAttribute('id');
        $own = fn(string $what): string => ".//{$what}" . ($id === '' ? '' : " | //{$what}[@form=\"{$id}\"]");
        [$said, $presses] = [[], [[]]];
        foreach ($path->query($own('*[@name]'), $form) as $field) {
            $name = $field->getAttribute('name');
            $type = $field->getAttribute('type');
            $value = match (true) {
                $field->nodeName === 'button'   => null,
                $field->nodeName === 'select'   => chosenOf($path, $field),
                $field->nodeName === 'textarea' => $field->textContent === '' ? 'said' : $field->textContent,
                // Of choices the one that is made, or the first.
                $type === 'checkbox', $type === 'radio' => $field->hasAttribute('checked') || ($type === 'radio' && !isset($said[$name]))
                    ? $field->getAttribute('value') : null,
                $type === 'file' => UploadedFile::fake()->image('seen.png', 40, 30),
                default          => typedInto($field),
            };
            if ($field->nodeName === 'button') {
                $presses[] = [$name => $field->getAttribute('value')];
            } elseif ($value !== null) {
                $said[$name] = $value;
            }
        }
        $presses = count($presses) > 1 ? array_slice($presses, 1) : $presses;
        // Of sixty kinds of objects one stands for all.
        foreach (array_slice($presses, 0, 3) as $press) {
            $forms[] = [$form->getAttribute('action'), $press + $said];
        }
    }

    return $forms;
}

function chosenOf(DOMXPath $path, DOMElement $select): string
{
    $options = [...$path->query('.//option', $select)];
    $chosen = array_values(array_filter($options, fn(DOMElement $one): bool => $one->hasAttribute('selected')));

    return ($chosen[0] ?? $options[count($options) - 1] ?? null)?->getAttribute('value') ?? '';
}

/** What stands in a field, or something that may. */
function typedInto(DOMElement $field): string
{
    $name = $field->getAttribute('name');

    return $field->getAttribute('value') !== '' ? $field->getAttribute('value') : match (true) {
        str_contains($name, 'email')                             => 'three@studio.example',
        in_array($name, ['title', 'name', 'wanted', 'id'], true) => 'Something new',
        in_array($name, ['mixed', 'kept'], true)                 => $name === 'mixed' ? '100 g' : '4 g',
        default                                                  => '',
    };
}

/** @return array<string, string> by table, all that it holds but for when */
function held(): array
{
    $held = [];
    foreach (DB::select("select name from sqlite_master where type = 'table'") as $table) {
        if (!in_array($table->name, ['presses', 'sessions', 'cache', 'sign_ins', 'migrations', 'sqlite_sequence'], true)) {
            $held[$table->name] = (string) json_encode(array_map(
                fn(object $row): array => array_diff_key((array) $row, array_flip(['updated_at', 'created_at', 'feed_hash', 'token'])),
                DB::table($table->name)->get()->all(),
            ), JSON_INVALID_UTF8_SUBSTITUTE);
        }
    }

    return $held;
}

it('does with two presses of any form of any page what it does with one', function (): void {
    Notification::fake();
    [$user, $piece] = $this->signedIn(Plans::coloured());
    $answers = resolve(Answers::class);
    $pours = GivenPours::of($answers->find($piece, $user));
    $piece->change(fn(array $document): array => Document::with($document, '/pours', $pours));
    $studio = $user->studio;
    $resin = Plans::cone()['resins'][0];
    $supply = $studio->supplies()->create([
        'kind' => 'resins', 'name' => $resin['name'], 'document' => array_diff_key($resin, ['id' => 1, 'name' => 1]), 'stock' => 900,
    ]);
    $this->post("/pieces/{$piece->id}/vessel", ['name' => 'Round one'])->assertSessionHasNoErrors();
    $this->post("/pieces/{$piece->id}/pours/0/mixings", ['mixed' => '100 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
    $studio->orders()->create(['wanted' => 'A block', 'whom' => 'somebody']);
    $this->post('/materials/findings', ['kind' => 'stone', 'found_on' => now()->format('Y-m-d'), 'note' => 'stays grey']);
    $at = "/pieces/{$piece->id}";
    [$sent, $done, $wrong] = [0, [], []];
    foreach (['/pieces', '/today', '/orders', '/materials', '/studio', '/shelf', '/shelf/resins', '/shelf/consumables',
        "/supplies/{$supply->id}", $at, "{$at}/sheet", "{$at}/pours/0", "{$at}/photograph"] as $page) {
        foreach (formsOf((string) $this->get($page)->assertOk()->getContent()) as [$action, $said]) {
            if ($action === '/session' || str_ends_with($action, '/steps')) {
                continue;
            }
            DB::beginTransaction();
            $before = held();
            $this->post($action, $said);
            $once = held();
            $this->post($action, $said);
            $twice = held();
            DB::rollBack();
            $sent++;
            $done = $once === $before ? $done : [...$done, $action . ' ' . ($said['_method'] ?? 'post')];
            $wrong = [...$wrong, ...($twice === $once ? [] : ["{$page}: {$action}"])];
        }
    }
    expect(array_values(array_unique($wrong)))->toBe([])
        // That it did something at all: forms whose first press changed something.
        ->and($sent)->toBeGreaterThan(60)
        ->and(count(array_unique($done)))->toBeGreaterThan(25);
});
