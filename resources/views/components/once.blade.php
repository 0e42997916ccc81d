<input type="hidden" name="{{ App\Http\Middleware\PressedOnce::FIELD }}" value="{{ Str::ulid() }}">
