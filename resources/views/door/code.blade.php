@extends('layouts.house')
@section('title', 'Second factor')
@section('body')
<main class="login" id="sheet">
    <h1>Second factor</h1>
    <p class="soft mb-4">Six digits from the program on your phone, or one of your recovery codes.</p>
    <form method="post" action="/login/code" class="fields">
        @csrf
        <div class="field">
            <label for="code">Code</label>
            <input
                id="code" name="code" class="num" required autofocus autocomplete="one-time-code" inputmode="numeric" maxlength="40"
                aria-describedby="error-code">
            <x-field-error name="code" />
        </div>
        <button class="button">Log in</button>
    </form>
    <p class="mt-4"><a href="/login">Somebody else</a></p>
</main>
@endsection
