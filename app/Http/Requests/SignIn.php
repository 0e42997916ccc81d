<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Studio;
use App\Models\User;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Timebox;
use Illuminate\Validation\ValidationException;
use Pensilis\Scheduling\StudioClock;

/**
 * An address and a password. Whether there is such an account cannot be told from the answer nor from how long it takes; guessing is slowed
 * by account and address together, so that nobody is kept out by others, and the owner at a place known to the account never is.
 */
final class SignIn extends FormRequest
{
    /** All refusals take as long, µs: more than a password takes to be compared. */
    private const TAKES = 600_000;

    /** Tries and the seconds they count for. */
    private const PAIR = [5, 60];

    private const ADDRESS = [20, 60];

    private const ACCOUNT = [60, 600];

    private const KNOWN_PLACE = [20, 60];

    private const COOKIE = 'known_place';

    /** Of bcrypt, where nothing else is set. */
    private const ROUNDS = 12;

    /** How long a place stays known, minutes. */
    private const KNOWN_FOR = 525600;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email'    => Limits::address(),
            'password' => ['required', 'string', 'max:' . Limits::PASSWORD],
        ];
    }

    /**
     * Lets the member in. Only failures count towards the limits.
     *
     * @throws ValidationException
     */
    public function authenticate(): void
    {
        $email = mb_strtolower($this->string('email')->toString());
        $limits = $this->limits($email);
        foreach ($limits as $key => [$most]) {
            abort_if(RateLimiter::tooManyAttempts($key, $most), 429);
        }
        $user = (new Timebox())->call(function (Timebox $box) use ($email): ?User {
            $user = User::query()->where('email', $email)->first();
            $hash = $user->password ?? self::nobody();
            if (!Hash::check($this->string('password')->toString(), $hash) || $user === null) {
                return null;
            }
            $box->returnEarly();

            return $user;
        }, self::TAKES);
        if ($user === null) {
            foreach ($limits as $key => [, $seconds]) {
                RateLimiter::hit($key, $seconds);
            }
            throw ValidationException::withMessages(['email' => __('asked.account.pair')]);
        }
        Auth::login($user);
        $this->setClock($user->studio);
        foreach (array_keys($limits) as $key) {
            RateLimiter::clear($key);
        }
        Cookie::queue(Cookie::make(self::COOKIE, self::placeOf($email), self::KNOWN_FOR, null, null, $this->isSecure()));
    }

    /** The first browser that signs in says where the clock of the studio hangs; what it says wrong is as if it said nothing. */
    private function setClock(Studio $studio): void
    {
        $zone = $this->input('zone');
        if ($studio->zone === '' && is_string($zone) && StudioClock::isZone($zone)) {
            Studio::query()->whereKey($studio->id)->where('zone', '')->update(['zone' => $zone]);
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('account');
    }

    /** What an unknown account is compared with: of no password, and as much work as any. */
    private static function nobody(): string
    {
        $rounds = config('hashing.bcrypt.rounds');

        return sprintf('$2y$%02d$', is_numeric($rounds) ? $rounds : self::ROUNDS) . str_repeat('.', 53);
    }

    /** @return array<string, array{int, int}> how often, within so many seconds, by key */
    private function limits(string $email): array
    {
        $place = $this->cookie(self::COOKIE);
        if (is_string($place) && hash_equals(self::placeOf($email), $place)) {
            return ["sign-in:known:{$place}" => self::KNOWN_PLACE];
        }

        return [
            "sign-in:pair:{$email}|{$this->ip()}" => self::PAIR,
            "sign-in:address:{$this->ip()}"       => self::ADDRESS,
            "sign-in:account:{$email}"            => self::ACCOUNT,
        ];
    }

    /** What a browser keeps in which an account was signed in: of no use for any other. */
    private static function placeOf(string $email): string
    {
        return hash_hmac('sha256', "place:{$email}", config()->string('app.key'));
    }
}
