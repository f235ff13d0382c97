@extends('layouts.house')
@use('App\Words\Labels')
@section('title', 'People')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>People</h1><span>who may come in, and as what</span><a class="button plain" href="/shop">Shop rules</a></div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    <x-field-error name="person" />
    @if(session('given'))
    <section class="given" aria-label="One-time password" role="status"><h2>{{ session('given.name') }}’s one-time password</h2>
        <p class="value num">{{ session('given.password') }}</p>
        <p>
            Log-in <b class="num">{{ session('given.login') }}</b>. It is shown this once; at the first log-in it is changed for one of
            {{ session('given.name') }}’s own.
        </p>
    </section>
    @endif
    <div class="people">
    @foreach($people as $person)
    <section class="person @if($person->locked_at !== null) locked @endif" aria-label="{{ $person->name }}">
        <div class="who">
            <h2>{{ $person->name }}</h2>
            <p class="soft">
                <span class="num">{{ $person->login }}</span> ·
                {{ Labels::code($person->role) }}@if($person->locked_at !== null)
                    · <b class="bad">✕ locked {{ $person->locked_at->format('j M Y') }}</b>@endif
            </p>
            <p class="soft">
                {{ $person->logged_in_at === null ? 'never logged in' : 'last log-in '.$person->logged_in_at->format('j M Y, H:i').' UTC' }}
                ·
                {{ $person->second_factor === null ? 'password only' : 'with second factor' }}
                @if($person->password_kind !== \App\People\PasswordKind::Own)
                    · <span class="warn">◆ {{ $person->password_kind->value }} password</span>@endif
            </p>
        </div>
        <div><form method="post" action="/people/{{ $person->id }}" class="inline-fields">@csrf
            <div class="field">
                <label for="name-{{ $person->id }}">Name</label>
                <input id="name-{{ $person->id }}" name="name" value="{{ $person->name }}" required maxlength="80" size="16">
            </div>
            <div class="field">
                <label for="role-{{ $person->id }}">Role</label>
                <select id="role-{{ $person->id }}" name="role">
                    @foreach($roles as $role)
                        <option value="{{ $role->value }}" @selected($person->role === $role)>{{ Labels::code($role) }}</option>
                    @endforeach
                </select>
            </div>
            <label class="tick"><input type="checkbox" name="sees_prices" value="1" @checked($person->sees_prices)>
                <span>sees prices</span></label>
            <button class="button plain" aria-label="Save {{ $person->name }}">Save</button>
        </form>
        <div class="acts">
            <form method="post" action="/people/{{ $person->id }}/password">
                @csrf
                <button class="button plain" aria-label="One-time password for {{ $person->name }}">One-time password</button>
            </form>
            <form method="post" action="/people/{{ $person->id }}/sessions">
                @csrf
                <button class="button plain" aria-label="Log out everywhere: {{ $person->name }}">Log out everywhere</button>
            </form>
            @if($person->second_factor !== null)
                <form method="post" action="/people/{{ $person->id }}/second-factor">
                    @csrf
                    <button class="button plain" aria-label="No second factor for {{ $person->name }}">No second factor</button>
                </form>
            @endif
            <form method="post" action="/people/{{ $person->id }}/{{ $person->locked_at === null ? 'lock' : 'unlock' }}">
                @csrf
                <button class="button plain" aria-label="{{ $person->locked_at === null ? 'Lock' : 'Unlock' }} {{ $person->name }}">
                    {{ $person->locked_at === null ? 'Lock' : 'Unlock' }}
                </button>
            </form>
        </div></div>
    </section>
    @endforeach
    </div>
    <h2>Somebody new</h2>
    <form method="post" action="/people" class="inline-fields">@csrf
        <div class="field">
            <label for="new-name">Name, as it stands under what is signed</label>
            <input
                id="new-name" name="name" value="{{ old('login') === null ? '' : old('name') }}" required maxlength="80" autocomplete="off">
            @if(old('login') !== null)<x-field-error name="name" />@endif
        </div>
        <div class="field">
            <label for="new-login">Log-in</label>
            <input
                id="new-login" name="login" value="{{ old('login') }}" required maxlength="60" autocapitalize="none" spellcheck="false"
                autocomplete="off">
            <x-field-error name="login" />
        </div>
        <div class="field">
            <label for="new-role">Role</label>
            <select id="new-role" name="role">
                @foreach($roles as $role)
                    <option value="{{ $role->value }}" @selected(old('role', 'machinist') === $role->value)>
                        {{ Labels::code($role) }}
                    </option>
                @endforeach
            </select>
        </div>
        <button class="button">Add, with a one-time password</button>
    </form>
    <h2>How long somebody stays logged in</h2>
    <form method="post" action="/people/rules" class="fields">@csrf
        <div class="inline-fields">
        @foreach([
            'idle_hours' => ['Without a key pressed', $rules->idleHours],
            'tablet_idle_hours' => ['The same at a bench tablet', $rules->tabletIdleHours],
            'longest_hours' => ['At the longest', $rules->longestHours],
            'sign_again_hours' => ['Second factor asked again to sign after', $rules->signAgainHours]
            ] as $field => [$label, $hours])
        <div class="field">
            <label for="{{ $field }}">{{ $label }}, hours</label>
            <input id="{{ $field }}" name="{{ $field }}" class="num" size="4" inputmode="numeric" value="{{ old($field, $hours) }}">
            <x-field-error :name="$field" />
        </div>
        @endforeach</div>
        <fieldset class="ticks">
            <legend>Who has to have a second factor</legend>
            @foreach($roles as $role)<label class="tick"><input
                        type="checkbox" name="second_factor_for[]" value="{{ $role->value }}" @checked($rules->wantsSecondFactor($role))>
                    <span>{{ Labels::code($role) }}</span></label>@endforeach
        </fieldset>
        <p><button class="button">Save</button></p>
    </form>
    @if($foreign !== [])
    <h2>{{ __('door.foreign') }}</h2>
    <p class="soft">{{ __('door.foreign_why') }}</p>
    <ul>@foreach($foreign as $name)<li>{{ $name }}</li>@endforeach</ul>
    @endif
</main></div>
@endsection
