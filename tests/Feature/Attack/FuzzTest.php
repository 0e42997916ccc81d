<?php

declare(strict_types=1);

use App\Interchange\PlanFile\PlanFile;
use App\Words\Words;
use Pensilis\PlanFile\PlanRefused;
use Tests\BrokenPlans;

// A thousand spoilt plan files, two thousand in bin/soak: each is refused in words, or every page that shows it can show it.
it('refuses a spoilt plan in words, or shows it', function (int $from): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $this->actingAs($user);
    [$shown, $refused] = [0, 0];
    for ($seed = $from; $seed < $from + 250; $seed++) {
        $json = json_encode(BrokenPlans::of($seed));
        if ($json === false) {
            continue;
        }
        try {
            $document = PlanFile::decode($json);
            PlanFile::plan($document);
        } catch (PlanRefused $refusal) {
            $says = array_map(Words::metric()->finding(...), $refusal->problems);
            expect($says)->each->not->toBeEmpty();
            $refused++;
            continue;
        }
        $piece->hold($document)->save();
        // The pages of one in three: two thousand are read, and some hundred looked at.
        if (++$shown % 3 !== 0) {
            continue;
        }
        foreach (['', '/sheet', '/template', '/pours/0', '/file'] as $page) {
            // Heat of one in eight: it takes a second.
            $computes = $page === '/sheet' && $shown % 9 !== 0;
            $status = $computes ? 200 : $this->get("/pieces/{$piece->id}{$page}")->getStatusCode();
            expect($status)->toBeIn([200, 404], "seed {$seed} {$page}");
        }
    }
    expect($shown)->toBeGreaterThan(15)
        ->and($refused)->toBeGreaterThan(100);
})->with(getenv('SOAK') === false ? [0, 500, 1000, 1500] : range(0, 1750, 250));
