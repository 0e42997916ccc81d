<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Piece;
use App\Models\SignIn;
use App\Models\Studio;
use App\Models\User;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;

abstract class TestCase extends LaravelTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        // Tests run side by side, each with a database of its own.
        config(['pensilis.turns' => sys_get_temp_dir() . '/pensilis-turns-' . getmypid()]);
    }

    /** Signed in as if by the form. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        if ($user instanceof User) {
            session()->put(SignIn::KEY, SignIn::open($user, 'Browser of a test')->id);
        }

        return parent::actingAs($user, $guard);
    }

    protected function member(string $email = 'one@studio.example', ?Studio $studio = null): User
    {
        $studio ??= Studio::query()->create(['name' => 'Test studio', 'units' => 'metric']);

        return User::query()->create(['studio_id' => $studio->id, 'email' => $email, 'password' => 'a long test password'])
            ->refresh()->setRelation('studio', $studio);
    }

    /** @param array<string, mixed> $document */
    protected function pieceOf(User $user, ?array $document = null): Piece
    {
        $piece = $user->studio->pieces()->make()->hold($document ?? Plans::cone());
        $piece->save();

        return $piece;
    }

    /**
     * A member who is signed in, and a piece of theirs.
     *
     * @param array<string, mixed> $document
     *
     * @return array{User, Piece}
     */
    protected function signedIn(?array $document = null): array
    {
        $user = $this->member();
        $this->actingAs($user);

        return [$user, $this->pieceOf($user, $document)];
    }
}
