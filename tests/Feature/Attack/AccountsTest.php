<?php

declare(strict_types=1);

use App\Models\Invitation;
use App\Models\SignIn;
use App\Models\Studio;
use App\Models\User;
use App\Notifications\AccountIsThere;
use App\Notifications\StudioInvitation;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Facades\RateLimiter;

const PASSWORD_OF_TESTS = 'a long test password';

/** @param array<string, string> $said */
function withNewPassword(array $said = []): array
{
    return $said + ['password' => 'another long password', 'password_confirmation' => 'another long password'];
}

it('ends every sign-in when a forgotten password is replaced', function (): void {
    $user = $this->member();
    $this->actingAs($user)->get('/pieces')->assertOk();
    $token = Password::createToken($user);
    Auth::logout();
    $this->put('/new-password', withNewPassword(['token' => $token, 'email' => $user->email]))->assertRedirect('/sign-in');
    expect(SignIn::query()->count())->toBe(0);
});

it('lets nobody in by a session whose sign-in is gone', function (): void {
    $user = $this->member();
    $this->actingAs($user)->get('/pieces')->assertOk();
    SignIn::query()->delete();
    $this->get('/pieces')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('does not take the sign-in of somebody else for one\'s own', function (): void {
    $user = $this->member();
    $other = SignIn::open($this->member('two@studio.example'), 'Another');
    $this->actingAs($user)->withSession([SignIn::KEY => $other->id])->get('/pieces')->assertRedirect('/sign-in');
});

it('changes the own password, and stays signed in here alone', function (): void {
    $user = $this->member();
    $elsewhere = SignIn::open($user, 'A browser elsewhere');
    $this->actingAs($user);
    $this->put('/password', withNewPassword(['current' => 'wrong']))->assertSessionHasErrors('current');
    $this->put('/password', withNewPassword(['current' => PASSWORD_OF_TESTS]))->assertRedirect('/studio')->assertSessionHas('said');
    expect(SignIn::query()->find($elsewhere->id))->toBeNull()
        ->and(SignIn::query()->count())->toBe(1)
        ->and(Auth::attempt(['email' => $user->email, 'password' => 'another long password']))->toBeTrue();
    $this->get('/pieces')->assertOk();
});

it('lists where somebody is signed in, and ends one of them', function (): void {
    $user = $this->member();
    $elsewhere = SignIn::open($user, 'Something (Mobile) elsewhere');
    $this->actingAs($user)->get('/studio')->assertSee('A phone or tablet')->assertSee('A computer');
    // One that was not used for hours has ended by itself.
    SignIn::open($user, 'Old')->forceFill(['seen_at' => now()->subHours(3), 'created_at' => '2026-01-02 03:04:05'])->save();
    $this->get('/studio')->assertDontSee('2 Jan, 03:04');
    $this->delete("/sign-ins/{$elsewhere->id}")->assertRedirect('/studio');
    expect(SignIn::query()->find($elsewhere->id))->toBeNull();
    // Not those of anybody else, though they be of the same studio.
    $hers = SignIn::open($this->member('two@studio.example', $user->studio), 'Hers');
    $this->delete("/sign-ins/{$hers->id}")->assertNotFound();
});

it('removes a member, who is then signed in nowhere, but not the last', function (): void {
    $user = $this->member();
    $this->actingAs($user)->delete("/studio/members/{$user->id}")->assertSessionHasErrors('member');
    $other = $this->member('two@studio.example', $user->studio);
    SignIn::open($other, 'Hers');
    $this->delete("/studio/members/{$other->id}")->assertRedirect('/studio')->assertSessionHas('said');
    expect(User::query()->count())->toBe(1)
        ->and(SignIn::query()->where('user_id', $other->id)->count())->toBe(0);
    $stranger = $this->member('three@studio.example', Studio::query()->create(['name' => 'Another', 'units' => 'metric']));
    $this->delete("/studio/members/{$stranger->id}")->assertNotFound();
});

it('lets a member leave', function (): void {
    $user = $this->member();
    $this->member('two@studio.example', $user->studio);
    $this->actingAs($user)->delete("/studio/members/{$user->id}")->assertRedirect('/sign-in');
    $this->assertGuest();
    expect(User::query()->pluck('email')->all())->toBe(['two@studio.example']);
});

it('withdraws an invitation', function (): void {
    $user = $this->member();
    [$invitation, $token] = Invitation::issue($user->studio, 'two@studio.example');
    [$strange] = Invitation::issue(Studio::query()->create(['name' => 'Another', 'units' => 'metric']), 'x@studio.example');
    $this->actingAs($user)->delete("/studio/invitations/{$strange->id}")->assertNotFound();
    $this->delete("/studio/invitations/{$invitation->id}")->assertRedirect('/studio');
    Auth::logout();
    $this->get("/invitation/{$token}")->assertSee('is over');
});

it('answers an unknown address as it answers a wrong password, and takes as long', function (): void {
    $user = $this->member();
    $times = [];
    foreach ([$user->email, 'nobody@studio.example'] as $n => $email) {
        $begun = hrtime(true);
        $this->from('/sign-in')->post('/sign-in', ['email' => $email, 'password' => 'wrong'])->assertSessionHasErrors('email');
        $times[$n] = (hrtime(true) - $begun) / 1e6;
    }
    // All refusals take at least the same six tenths of a second, which is what they differ from by no more than the machine does.
    expect(min($times))->toBeGreaterThanOrEqual(600.0);
});

it('tells nobody by an invitation who has an account', function (): void {
    Notification::fake();
    $user = $this->member();
    $this->member('known@studio.example', Studio::query()->create(['name' => 'Another', 'units' => 'metric']));
    $this->actingAs($user);
    $answers = [];
    foreach (['known@studio.example', 'nobody@studio.example'] as $email) {
        $this->post('/studio/invitations', ['email' => $email])->assertSessionHasNoErrors();
        $answers[] = str_replace($email, '', (string) session('said'));
    }
    expect($answers[0])->toBe($answers[1]);
    Notification::assertSentOnDemand(AccountIsThere::class);
    Notification::assertSentOnDemand(StudioInvitation::class);
    // Of the own studio everybody sees the members anyway.
    $this->post('/studio/invitations', ['email' => strtoupper($user->email)])->assertSessionHasErrors('email');
});

it('keeps out the address that guesses, and not the owner elsewhere', function (): void {
    $user = $this->member();
    for ($n = 0; $n < 5; $n++) {
        $this->from('/sign-in')->post('/sign-in', ['email' => $user->email, 'password' => 'wrong']);
    }
    $right = ['email' => $user->email, 'password' => PASSWORD_OF_TESTS];
    $this->post('/sign-in', $right)->assertTooManyRequests();
    $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])->post('/sign-in', $right)->assertRedirect('/today');
    $this->assertAuthenticated();
});

it('never keeps the owner out at a place that is known', function (): void {
    $user = $this->member();
    $right = ['email' => $user->email, 'password' => PASSWORD_OF_TESTS];
    $place = $this->post('/sign-in', $right)->assertRedirect('/today')->getCookie('known_place')?->getValue();
    $this->delete('/session');
    // Seventy addresses guess: nobody gets in from a new one.
    for ($n = 0; $n < 70; $n++) {
        RateLimiter::hit("sign-in:account:{$user->email}", 600);
    }
    $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.8'])->post('/sign-in', $right)->assertTooManyRequests();
    $this->withCookie('known_place', (string) $place)->post('/sign-in', $right)->assertRedirect('/today');
    // The place is known to that account alone.
    $this->delete('/session');
    $other = $this->member('two@studio.example', $user->studio);
    for ($n = 0; $n < 70; $n++) {
        RateLimiter::hit("sign-in:account:{$other->email}", 600);
    }
    $this->withCookie('known_place', (string) $place)->post('/sign-in', ['email' => $other->email, 'password' => PASSWORD_OF_TESTS])
        ->assertTooManyRequests();
});

it('takes an address for one whatever its case', function (): void {
    $user = $this->member('Mixed.Case@Studio.example');
    expect($user->email)->toBe('mixed.case@studio.example');
    $this->post('/sign-in', ['email' => 'MIXED.case@studio.EXAMPLE', 'password' => PASSWORD_OF_TESTS])->assertRedirect('/today');
    $this->artisan('pensilis:account', ['email' => 'MIXED.CASE@studio.example'])->assertExitCode(2);
});

it('mails texts, not what they could be read as', function (): void {
    $studio = Studio::query()->create(['name' => '[Free resin](https://evil.example) <b>now</b>', 'units' => 'metric']);
    $this->actingAs($this->member('one@studio.example', $studio));
    $this->post('/studio/invitations', ['email' => 'two@studio.example'])->assertSessionHas('said');
    $mails = app('mailer')->getSymfonyTransport()->messages();
    $mail = $mails[0]->getOriginalMessage();
    expect($mail->getHtmlBody())->toBeNull()
        ->and($mail->getTextBody())->toContain('[Free resin](https://evil.example) <b>now</b>')
        ->toContain('https://pensilis.example/invitation/')
        ->and($mail->getFrom()[0]->getAddress())->toBe(config('mail.from.address'));
});

it('takes a sender from the settings', function (): void {
    config(['mail.from' => ['address' => 'bench@hill.example', 'name' => 'Hill']]);
    app()->forgetInstance('mail.manager');
    $user = $this->member();
    $this->post('/forgotten', ['email' => $user->email])->assertSessionHas('said');
    $mail = app('mailer')->getSymfonyTransport()->messages()[0]->getOriginalMessage();
    expect($mail->getFrom()[0]->getAddress())->toBe('bench@hill.example')
        ->and($mail->getTextBody())->toContain('https://pensilis.example/new-password/');
});

it('leads nowhere that a forged host or referrer names', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $forged = ['HTTP_HOST' => 'evil.example', 'HTTP_REFERER' => 'https://evil.example/trap'];
    foreach ([
        $this->withServerVariables($forged)->get('/pieces'),
        $this->actingAs($user)->withServerVariables($forged)->post('/pieces', ['title' => '']),
        $this->get("/pieces/{$piece->id}/pours/0?a=x"),
        $this->get('/'),
        $this->post("/pieces/{$piece->id}/copies"),
    ] as $answer) {
        expect((string) $answer->headers->get('Location'))->toStartWith('/')->not->toContain('evil')->not->toStartWith('//')
            ->and((string) $answer->getContent())->not->toContain('evil');
    }
    $page = $this->get("/pieces/{$piece->id}")->assertOk()->getContent();
    expect($page)->not->toContain('evil.example');
    for ($n = 0; $n < 30; $n++) {
        $this->pieceOf($user);
    }
    expect($this->get('/pieces')->assertSee('Page 1 of 2')->getContent())->not->toContain('evil.example');
});

it('goes on after signing in where somebody was going, if that is here', function (string $intended, string $to): void {
    $user = $this->member();
    $this->withSession(['url.intended' => $intended])->post('/sign-in', ['email' => $user->email, 'password' => PASSWORD_OF_TESTS])
        ->assertRedirect($to);
})->with([
    'a page'          => ['http://localhost/pieces/01J?heat=1', '/pieces/01J?heat=1'],
    'another host'    => ['https://evil.example/studio', '/studio'],
    'two slashes'     => ['//evil.example//evil', '/today'],
    'nothing to read' => ['http:///', '/today'],
]);

it('tells a part of a page that the session has ended, and leads back to the page', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $headers = ['HX-Request' => 'true', 'HX-Current-URL' => "http://localhost/pieces/{$piece->id}"];
    $this->withHeaders($headers)->get("/pieces/{$piece->id}/heat")->assertUnauthorized()
        ->assertHeader('HX-Retarget', '#refusal')->assertSee('kept in this window')->assertDontSee('<html', false)
        ->assertSee("href=\"/pieces/{$piece->id}\"", false);
    // That page leads to the sign-in, and the sign-in back to it.
    $this->flushHeaders()->get("/pieces/{$piece->id}")->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => $user->email, 'password' => PASSWORD_OF_TESTS])->assertRedirect("/pieces/{$piece->id}");
});

it('shows no page again once its reader has signed out, and says no more than it must', function (): void {
    $this->actingAs($this->member());
    foreach (['/pieces', '/shelf', '/materials', '/studio', '/nowhere'] as $path) {
        $answer = $this->get($path);
        expect($answer->headers->get('Cache-Control'))->toContain('no-store')
            ->and($answer->headers->get('Content-Security-Policy'))->toContain("default-src 'none'")
            ->and($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff')
            ->and($answer->headers->has('X-Powered-By'))->toBeFalse();
    }
    $this->call('TRACE', '/pieces')->assertStatus(405)->assertSee('Nothing was changed');
    $this->put('/pieces')->assertStatus(405)->assertHeader('X-Content-Type-Options', 'nosniff');
});

it('works as much for an account that is not there as for one that is', function (): void {
    $this->member('there@studio.example');
    $hashed = [];
    Hash::shouldReceive('check')->andReturnUsing(function (string $password, string $hash) use (&$hashed): bool {
        $hashed[] = $hash;

        return password_verify($password, $hash);
    });
    foreach (['there@studio.example', 'nobody@studio.example'] as $email) {
        $this->post('/sign-in', ['email' => $email, 'password' => 'not the password'])->assertSessionHasErrors('email');
    }
    // One comparison each, of one cost, and nothing else that is hashed.
    expect($hashed)->toHaveCount(2)
        ->and(password_get_info($hashed[1]))->toEqual(password_get_info($hashed[0]));
});
