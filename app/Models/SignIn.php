<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use PDOException;

/**
 * A browser in which somebody is signed in; without it, what that browser's session says of an account is worth nothing.
 *
 * @property int    $id
 * @property int    $user_id
 * @property string $agent      what the browser says it is
 * @property Carbon $seen_at    within minutes
 * @property Carbon $created_at
 */
final class SignIn extends Model
{
    /** Under which a session names its sign-in. */
    public const KEY = 'sign_in';

    /** How often it is written down that somebody is there, minutes. */
    private const NOTICED = 5;

    protected $fillable = ['user_id', 'agent', 'seen_at'];

    /** Minutes after which a browser that was not used is signed out by itself. */
    public static function lifetime(): int
    {
        return config()->integer('session.lifetime') + self::NOTICED;
    }

    public static function open(User $user, string $agent): self
    {
        $plain = mb_scrub(Str::limit($agent, 190, '…'), 'UTF-8');

        return self::query()->create(['user_id' => $user->id, 'agent' => $plain, 'seen_at' => now()]);
    }

    /** Whether it is a phone or a tablet, as far as the browser says. */
    public function isInTheHand(): bool
    {
        return preg_match('/Mobi|Android|Tablet/i', $this->agent) === 1;
    }

    public function notice(): void
    {
        if ($this->seen_at->diffInMinutes(now()) < self::NOTICED) {
            return;
        }
        try {
            $this->update(['seen_at' => now()]);
        } catch (PDOException $failure) {
            // Who reads goes on reading.
            NoRoom::isMeantBy($failure) || throw $failure;
        }
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'datetime'];
    }
}
