@extends('layouts.house')
@use('App\Words\Labels')
@section('title', $person->name)
@section('body')
<div class="page wide"><main class="sheet own" id="sheet">
    <div class="head">
        <h1>{{ $person->name }}</h1>
        <span><span class="num">{{ $person->login }}</span> · {{ Labels::code($person->role) }}</span>
    </div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    @if(session('first'))<p class="line close" role="status">◆ {{ session('first') }}</p>@endif
    @if($person->password_kind === \App\People\PasswordKind::Demo)
        <p class="line close">◆ Your password is the one of the demo shop. Everybody knows it.</p>
    @endif
    <h2>Password</h2>
    <form method="post" action="/own/password" class="fields" data-password-form>@csrf
        <input type="hidden" name="login" value="{{ $person->login }}" autocomplete="username">
        <div class="field">
            <label for="current">The one you have</label>
            <input id="current" name="current" type="password" required autocomplete="current-password" maxlength="200">
            <x-field-error name="current" />
        </div>
        <div class="field">
            <label for="password">The new one</label>
            <input
                id="password" name="password" type="password" required autocomplete="new-password" maxlength="200"
                aria-describedby="strength" data-strength="{{ \App\Security\PasswordStrength::SHORTEST }}">
            <p class="soft" id="strength" data-strength-words role="status">
                At least {{ \App\Security\PasswordStrength::SHORTEST }} characters: a few words in a row are easy to keep in mind.
            </p>
            <x-field-error name="password" />
        </div>
        <div class="field">
            <label for="password_confirmation">The new one again</label>
            <input
                id="password_confirmation" name="password_confirmation" type="password" required autocomplete="new-password"
                maxlength="200">
        </div>
        <p><button class="button">Change it</button> <span class="soft">Everywhere else you are logged out.</span></p>
    </form>
    <h2 id="second-factor">Second factor</h2>
    @if(session('recovery'))
    <section class="given" aria-label="Recovery codes" role="status">
        <h3>Recovery codes, shown this once</h3>
        <p>Each lets you in once when the phone is not there. Print them, and keep them away from the phone.</p>
        <ul class="num codes">@foreach(session('recovery') as $code)<li>{{ $code }}</li>@endforeach</ul>
    </section>
    @endif
    @if($person->second_factor !== null)
    <p>On. {{ $codesLeft === 1 ? 'One recovery code is' : $codesLeft.' recovery codes are' }} left.</p>
    <form method="post" action="/own/second-factor/off" class="inline-fields">
        @csrf
        <div class="field">
            <label for="off-password">Your password</label>
            <input id="off-password" name="password" type="password" required autocomplete="current-password" maxlength="200">
            @if(! $errors->has('current'))<x-field-error name="password" />@endif
        </div>
        <button class="button plain">Turn it off</button>
    </form>
    @elseif($secret !== null)
    <div class="set-factor">
        <svg data-qr="{{ $address }}" role="img" aria-label="Square to read with the phone" width="180" height="180"><path /></svg>
    <div>
        <p>Read the square with an authenticator program on your phone, or type the key into it:</p>
        <p class="num">{{ chunk_split($secret->secret, 4, ' ') }}</p>
    <form method="post" action="/own/second-factor" class="inline-fields">
        @csrf
        <div class="field">
            <label for="code">The six digits it shows</label>
            <input id="code" name="code" class="num" required size="8" inputmode="numeric" autocomplete="one-time-code" maxlength="40">
            <x-field-error name="code" />
        </div>
        <button class="button">Turn it on</button>
    </form>
</div>
</div>
    @else
    <p>Off: the password alone lets you in.</p>
    <form method="post" action="/own/second-factor/new">@csrf<button class="button plain">Set one up</button></form>
    @endif
    <h2>Where you are logged in</h2>
    <div class="scroll-x" tabindex="0" role="region" aria-label="Where you are logged in">
        <table class="ledger sessions">
            <thead>
                <tr>
                    <th scope="col">Device</th>
                    <th scope="col">Address</th>
                    <th scope="col">Last used</th>
                    <th scope="col"><span class="sr-only">End it</span></th>
                </tr>
            </thead>
    <tbody>
        @foreach($sessions as $session)
            <tr>
                <td>{{ __("door.device.{$session->device}") }}@if($session->isThisOne) <b>· this one</b>@endif</td>
                <td class="num">{{ $session->address }}</td>
                <td class="num">{{ $session->lastUsed->format('j M Y, H:i') }} UTC</td>
                <td>
                    @if(! $session->isThisOne)
                        <form method="post" action="/own/sessions">
                            @csrf
                            <input type="hidden" name="session" value="{{ $session->hash }}">
                            <button
                                class="button plain"
                                aria-label="Log out there: {{ __("door.device.{$session->device}") }} at {{ $session->address }}">
                                Log out there
                            </button>
                        </form>
                    @endif
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
</div>
    @if(count($sessions) > 1)
        <form method="post" action="/own/sessions" class="mt-3">
            @csrf
            <input type="hidden" name="session" value="others">
            <button class="button plain">Log out everywhere else</button>
        </form>
    @endif
</main></div>
@endsection
