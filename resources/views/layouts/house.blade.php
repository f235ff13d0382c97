<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>@yield('title', 'North Ledger') · North Ledger</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="/manifest.webmanifest">
    <meta name="theme-color" content="#1b262c">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body @class(['practice-house' => \App\WholeEngines\PracticeHouse::isHere()])>
<a class="skip" href="#sheet">Go to the sheet</a>
@auth
@if(\App\WholeEngines\PracticeHouse::isHere()) @include('practice.engines.bar') @else @include('layouts.bar') @endif
<p class="kept-line" data-kept hidden></p>
@endauth
@yield('body')
</body>
</html>
