@extends('layouts.house')
@section('title', 'Log in')
@section('body')
<main class="login" id="sheet">
    <h1>North Ledger</h1>
    <p class="soft mb-4">{{ config('app.shop') }}</p>
    <form method="post" action="/login" class="fields">
        @csrf
        <div class="field"><label for="login">Log-in</label><input id="login" name="login" value="{{ old('login') }}" required autofocus autocomplete="username" maxlength="60" aria-describedby="error-login"><x-field-error name="login" /></div>
        <div class="field"><label for="password">Password</label><input id="password" name="password" type="password" required autocomplete="current-password" maxlength="200"><x-field-error name="password" /></div>
        <button class="button">Log in</button>
    </form>
</main>
@endsection
