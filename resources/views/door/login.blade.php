@extends('layouts.house')
@section('title', 'Log in')
@section('body')
<main class="login" id="sheet">
    <h1>North Ledger</h1>
    <p class="soft mb-4">{{ config('app.shop') }}</p>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    <form method="post" action="/login" class="fields">
        @csrf
        <div class="field">
            <label for="login">Log-in</label>
            <input
                id="login" name="login" value="{{ old('login') }}" required autofocus autocomplete="username" autocapitalize="none"
                spellcheck="false" maxlength="60" aria-describedby="error-login">
            <x-field-error name="login" />
        </div>
        <div class="field">
            <label for="password">Password</label>
            <input id="password" name="password" type="password" required autocomplete="current-password" maxlength="200">
            <x-field-error name="password" />
        </div>
        <label class="tick"><input type="checkbox" name="tablet" value="1" @checked(old('tablet'))>
            <span>This is the tablet of a bench: stay logged in for a shift</span></label>
        <button class="button">Log in</button>
    </form>
    @if($isDemo)
        <p class="line close mt-4">
            ◆ This is the demo shop: its people come in with <code>demo-shop</code> until they change it, and everybody knows that. Keep
            nothing here that is yours.
        </p>
    @endif
</main>
@endsection
