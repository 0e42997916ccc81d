<?php

declare(strict_types=1);

namespace App\Models;

use App\Notifications\PasswordLink;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Account;
use Illuminate\Notifications\Notifiable;

/**
 * Somebody who signs in, member of one studio.
 *
 * @property int         $id
 * @property int         $studio_id
 * @property string      $email
 * @property string      $password
 * @property string|null $feed_hash of the address at which a calendar reads what is to be done
 * @property Studio      $studio
 */
final class User extends Account
{
    use Notifiable;

    protected $fillable = ['studio_id', 'email', 'password'];

    protected $hidden = ['password', 'remember_token', 'feed_hash'];

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    /** @return HasMany<SignIn, $this> */
    public function signIns(): HasMany
    {
        return $this->hasMany(SignIn::class);
    }

    /** @param string $token */
    public function sendPasswordResetNotification($token): void
    {
        $this->notify(new PasswordLink($this->email, $token));
    }

    protected static function booted(): void
    {
        // Who had the old password is nowhere signed in any more.
        self::updating(function (self $user): void {
            $user->feed_hash = $user->isDirty('password') ? null : $user->feed_hash;
        });
        self::updated(fn(self $user): mixed => $user->wasChanged('password') ? $user->signIns()->delete() : null);
    }

    /**
     * Addresses are one whatever their case.
     *
     * @return Attribute<string, string>
     */
    protected function email(): Attribute
    {
        return Attribute::make(set: fn(string $said): string => mb_strtolower($said));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }
}
