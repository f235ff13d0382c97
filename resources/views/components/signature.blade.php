@props(['id', 'shows' => true])
<div class="field">
    <label for="{{ $id }}">Your password, as your signature</label>
    <input id="{{ $id }}" name="password" type="password" required autocomplete="current-password" maxlength="200" {{ $attributes }}>
    @if($shows)<x-field-error name="password" />@endif
</div>
@if(\App\Security\OwnSignature::wantsCode(request()))
    <div class="field">
        <label for="{{ $id }}-code">The code of your second factor: you logged in long ago</label>
        <input
            id="{{ $id }}-code" name="code" class="num" required inputmode="numeric" autocomplete="one-time-code" maxlength="40" size="10">
    </div>
@endif
