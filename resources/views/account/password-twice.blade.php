<label for="password">{{ __('places.account.rule') }}</label>
<input class="form-control" id="password" name="password" type="password" required minlength="12" autocomplete="new-password">
<label for="password_confirmation">{{ __('places.account.again') }}</label>
<input class="form-control" id="password_confirmation" name="password_confirmation" type="password" required autocomplete="new-password">
