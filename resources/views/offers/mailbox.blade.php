@extends('layouts.house')
@section('title', 'Mailbox')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>Mailbox</h1>
        <span>{{ $isStandIn
            ? 'messages are kept here and go nowhere: no mail server is named'
            : 'messages go out by the mail server' }}</span>
    </div>
    @if($mails === [])<p class="note mt-4">Nothing was sent yet.</p>@endif
    @foreach($mails as $mail)
    <article class="line mt-4">
        <p><b>{{ $mail->subject }}</b> <span class="soft">to {{ $mail->to }}, {{ $mail->date }}</span></p>
        <pre class="mail">{{ $mail->text }}</pre>
    </article>
    @endforeach
</main></div>
@endsection
