<?php

declare(strict_types=1);

use App\Models\Invitation;
use App\Models\User;
use App\Notifications\PasswordLink;
use App\Notifications\StudioInvitation;
use Illuminate\Notifications\AnonymousNotifiable;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Password;

it('shows nothing to strangers', function (string $method, string $address): void {
    $this->call($method, $address)->assertRedirect('/sign-in');
})->with([
    ['GET', '/pieces'], ['POST', '/pieces'], ['GET', '/pieces/01JCQ0000000000000000000AA'], [
        'GET', '/pieces/01JCQ0000000000000000000AA/sheet',
    ],
    ['GET', '/studio'], ['POST', '/studio/invitations'], ['POST', '/pieces/files'],
]);

it('signs in with a new session, and out again', function (): void {
    $user = $this->member();
    $this->get('/sign-in')->assertOk()->assertSee('Mail address');
    $before = session()->getId();
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long test password'])->assertRedirect('/today');
    expect(session()->getId())->not->toBe($before);
    $this->assertAuthenticatedAs($user);
    $this->delete('/session')->assertRedirect();
    $this->assertGuest();
});

it('keeps the address and says the same for a wrong password and a wrong address', function (): void {
    $user = $this->member();
    $says = 'This address and password do not go together; check both.';
    $this->from('/sign-in')->post(
        '/sign-in',
        ['email' => $user->email, 'password' => 'wrong'],
    )->assertSessionHasErrors(['email' => $says])->assertSessionHasInput('email', $user->email);
    $this->from('/sign-in')->post(
        '/sign-in',
        ['email' => 'nobody@studio.example', 'password' => 'wrong'],
    )->assertSessionHasErrors(['email' => $says]);
    $this->assertGuest();
});

it('slows down whoever guesses', function (): void {
    $user = $this->member();
    for ($n = 0; $n < 5; $n++) {
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertRedirect();
    }
    $this->post(
        '/sign-in',
        ['email' => mb_strtoupper($user->email), 'password' => 'a long test password'],
    )->assertTooManyRequests()->assertSee('Wait a minute');
    $this->assertGuest();
});

it('opens no account without an invitation', function (string $address): void {
    $this->get($address)->assertNotFound();
})->with(['/register', '/sign-up', '/accounts/new']);

it('mails a reset link to the configured address, whatever host was asked', function (): void {
    Notification::fake();
    $user = $this->member();
    $this->withHeader('Host', 'evil.example')->post('http://evil.example/forgotten', ['email' => $user->email])->assertSessionHas('said');
    Notification::assertSentTo($user, PasswordLink::class, function (PasswordLink $mail): bool {
        $link = $mail->toMail()->viewData['paragraphs'][1];

        return str_starts_with($link, 'https://pensilis.example/new-password/') && !str_contains($link, 'evil');
    });
});

it('says the same whether or not an account exists', function (): void {
    Notification::fake();
    $this->post('/forgotten', ['email' => 'nobody@studio.example'])->assertSessionHas('said')->assertSessionHasNoErrors();
    Notification::assertNothingSent();
});

it('sets a new password with the mailed token, once', function (): void {
    $user = $this->member();
    $token = Password::createToken($user);
    $this->get("/new-password/{$token}?email={$user->email}")->assertOk()->assertSee($user->email);
    $said = [
        'token'                 => $token, 'email' => $user->email, 'password' => 'another long password',
        'password_confirmation' => 'another long password',
    ];
    $this->put('/new-password', ['password' => 'short', 'password_confirmation' => 'short'] + $said)->assertSessionHasErrors('password');
    $this->put('/new-password', $said)->assertRedirect('/sign-in');
    expect(Hash::check('another long password', $user->fresh()->password))->toBeTrue();
    $this->put('/new-password', $said)->assertSessionHasErrors('email');
});

it('invites into the own studio by a link that works once and expires', function (): void {
    Notification::fake();
    $host = $this->member();
    $this->actingAs($host)->post('/studio/invitations', ['email' => 'two@studio.example'])->assertSessionHas('said');
    $token = '';
    Notification::assertSentOnDemand(StudioInvitation::class, function (
        StudioInvitation $mail,
        array $channels,
        AnonymousNotifiable $to,
    ) use (&$token): bool {
        $link = $mail->toMail()->viewData['paragraphs'][1];
        $token = basename($link);

        return str_starts_with($link, 'https://pensilis.example/invitation/') && $to->routes['mail'] === 'two@studio.example';
    });
    $this->post('/sign-out');
    auth()->logout();
    $this->get("/invitation/{$token}")->assertOk()->assertSee('two@studio.example');
    $said = ['password' => 'a very long password', 'password_confirmation' => 'a very long password'];
    $this->post("/invitation/{$token}", $said)->assertRedirect('/pieces');
    expect(User::query()->where('email', 'two@studio.example')->sole()->studio_id)->toBe($host->studio_id);
    auth()->logout();
    $this->post("/invitation/{$token}", $said)->assertSessionHasErrors('password');
    $this->get("/invitation/{$token}")->assertOk()->assertSee('is over');
});

it('lets an invitation run out', function (): void {
    $host = $this->member();
    [, $token] = Invitation::issue($host->studio, 'late@studio.example');
    $this->travel(8)->days();
    $this->get("/invitation/{$token}")->assertOk()->assertSee('is over');
    $this->post(
        "/invitation/{$token}",
        ['password' => 'a very long password', 'password_confirmation' => 'a very long password'],
    )->assertSessionHasErrors('password');
    expect(User::query()->count())->toBe(1);
});

it('keeps no token that could be used', function (): void {
    [$invitation, $token] = Invitation::issue($this->member()->studio, 'x@studio.example');
    expect($invitation->token_hash)->not->toContain($token)
        ->and($invitation->token_hash)->toBe(hash('sha256', $token));
});

it('opens the first account from the command line', function (): void {
    $this->artisan('pensilis:account', ['email' => 'first@studio.example', '--studio' => 'Hill studio', '--units' => 'us'])
        ->expectsOutputToContain('Sign in as first@studio.example with the password')->assertExitCode(0);
    expect(User::query()->sole()->studio->units->value)->toBe('us');
    $this->artisan('pensilis:account', ['email' => 'first@studio.example'])->expectsOutputToContain('already')->assertExitCode(2);
    $this->artisan('pensilis:account', ['email' => 'no address'])->expectsOutputToContain('mail address')->assertExitCode(2);
});

it('keeps units and name of the studio', function (): void {
    $user = $this->member();
    $this->actingAs($user)->patch('/studio', ['name' => 'Moor', 'units' => 'us'])->assertSessionHas('said');
    expect($user->studio->fresh()->units->value)->toBe('us');
    $this->actingAs($user)->patch('/studio', ['name' => '', 'units' => 'imperial'])->assertSessionHasErrors(['name', 'units']);
});
