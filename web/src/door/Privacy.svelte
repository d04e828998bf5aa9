<!-- What is kept of whom, why, and for how long, in plain words. -->
<script lang="ts">
  import { tell } from '../api/client'
  import type { Schema } from '../api/client'
  import DemoNote from '../shared/DemoNote.svelte'
  import { school } from '../shared/school'

  let known = $state<Schema['SchoolReply'] | null>(null)
  let failure = $state('')
  school().then(
    (reply) => (known = reply),
    (error: unknown) => (failure = tell(error)),
  )
  const months = (count: number): string =>
    count === 1
      ? 'one month'
      : count % 12 === 0
        ? count === 12
          ? 'one year'
          : `${count / 12} years`
        : `${count} months`
</script>

<DemoNote />
<header><a href="/">Jaunty Compass</a></header>
<main>
  <h1>What is kept, and why</h1>
  {#if failure}<p role="alert">{failure}</p>{/if}
  <p>
    Everything stays on your school’s own server. No page asks any other server for anything, nothing is
    counted or followed, and there is no advertising.
  </p>
  <h2>Of students</h2>
  <dl>
    <dt>A given name</dt>
    <dd>So that the teacher knows whose work it is. No family name, no e-mail, no birthday, no picture.</dd>
    <dt>A PIN, and a card if there is one</dt>
    <dd>
      So that nobody else works under that name. Both are kept scrambled: nobody can read them, not even the
      teacher.
    </dd>
    <dt>Answers, their marks, and what the student says looking back</dt>
    <dd>
      So that the teacher sees what was understood and what to teach again.
      {#if known}They are deleted after <strong>{months(known.keepAnswersMonths)}</strong>.{/if}
    </dd>
    <dt>Work that is not handed in yet</dt>
    <dd>So that it can be finished later or at another device. It is deleted after 60 days.</dd>
  </dl>
  <h2>Of teachers</h2>
  <dl>
    <dt>A user name, a name to show, and a scrambled password</dt>
    <dd>
      For signing in, and so that colleagues can share a class. They are kept until the account is removed.
    </dd>
    <dt>Classes, sets, instruments and lessons they have made</dt>
    <dd>
      {#if known}An archived class is deleted after <strong>{months(known.keepArchivedMonths)}</strong>.{/if}
      Whatever a teacher deletes is gone for good one day later.
    </dd>
  </dl>
  <h2>For signing in</h2>
  <dl>
    <dt>Who is signed in at which device, and until when</dt>
    <dd>A day at most, or 30 days on a device that is to stay signed in. Signing out ends it at once.</dd>
    <dt>How often a wrong PIN or password was tried</dt>
    <dd>So that nobody can guess one. Names and addresses are kept only scrambled, and for one day.</dd>
  </dl>
  <h2>On the device</h2>
  <p>
    The browser keeps a note of who is signed in and, at the Bench, answers on their way and work that is not
    handed in, so that nothing is lost without a connection. They are there only for the student who made
    them. Leaving the Bench clears what was open.
  </p>
  <h2>Your rights</h2>
  <p>
    A teacher can rename or delete a student, and can save all that is kept of a class as a file. Please ask
    the school for a copy of what is kept, for a correction, or for it to be deleted. The school decides how
    long things are kept and follows its own rules and the law.
  </p>
</main>

<style>
  header {
    display: flex;
    align-items: center;
    min-height: 56px;
    padding: 0 24px;
    background: var(--ink);
  }
  a {
    font: 600 20px var(--serif);
    color: #fff;
    text-decoration: none;
  }
  main {
    max-width: 720px;
    margin: 0 auto;
    padding: 36px 24px 60px;
    font-size: 17px;
    line-height: 1.55;
  }
  h1 {
    margin-bottom: 16px;
    font-size: 32px;
  }
  h2 {
    margin: 30px 0 10px;
    font-size: 22px;
  }
  dl {
    margin: 0;
    padding: 6px 22px;
    background: #fff;
    border-left: 4px solid var(--brass-light);
  }
  dt {
    margin-top: 12px;
    font-weight: 600;
  }
  dd {
    margin: 0 0 12px;
  }
</style>
