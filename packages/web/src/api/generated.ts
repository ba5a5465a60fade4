// Written by `npm run api-types` from the server's description of its API. Not changed by hand.
export interface paths {
  readonly '/api/account': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells of one's own account, and where it is signed in. */
    readonly get: operations['accountAccount'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/account/password': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Changes one's own password, and ends all other sessions. */
    readonly put: operations['accountChangePassword'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/account/second-factor': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Confirms the authenticator by a code; gives recovery codes. */
    readonly put: operations['accountConfirmSecondFactor'];
    /** Begins to set up an authenticator: gives its secret. */
    readonly post: operations['accountBeginSecondFactor'];
    /** Takes the authenticator out. */
    readonly delete: operations['accountRemoveSecondFactor'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/account/sessions': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    /** Ends all of one's sessions but this one. */
    readonly delete: operations['accountEndOtherSessions'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/account/sessions/{sessionId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    /** Ends one of one's sessions. */
    readonly delete: operations['accountEndSession'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/calendar-link': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells whether a link leads to one's planned visits. */
    readonly get: operations['roundLink'];
    readonly put?: never;
    /** Makes a new link to one's planned visits; the one before leads nowhere. */
    readonly post: operations['roundRenewLink'];
    /** Withdraws the link to one's planned visits. */
    readonly delete: operations['roundWithdrawLink'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/calendars/{token}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the planned visits that a link leads to, as a calendar. */
    readonly get: operations['roundCalendar'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/changes': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists who changed what, the newest first. */
    readonly get: operations['changesPage'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/changes.csv': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives who changed what as a table for a spreadsheet. */
    readonly get: operations['changesCsv'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/copies/{copyId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives one saved copy with its settings. */
    readonly get: operations['copiesOne'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    /** Names a copy, or says that it is what the timer holds now. */
    readonly patch: operations['copiesChange'];
    readonly trace?: never;
  };
  readonly '/api/due-answers/{answerId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    /** Withdraws what was said of a due. */
    readonly delete: operations['roundWithdrawAnswer'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/firm': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    /** Changes the firm's name, telephone, units or currency. */
    readonly patch: operations['peopleChangeFirm'];
    readonly trace?: never;
  };
  readonly '/api/firm/archive': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives all of the firm as one file of JSON lines, compressed. */
    readonly get: operations['firmArchiveArchive'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/firm/coil-limits': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Changes the limits by which readings of coils are judged. */
    readonly put: operations['peopleSetCoilLimits'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/firm/customary': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Changes what the firm waters by the minute. */
    readonly put: operations['peopleSetCustomary'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/firm/keeping': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells for how long the firm keeps things. */
    readonly get: operations['retentionOf'];
    /** Sets for how long the firm keeps things; what is older goes by night. */
    readonly put: operations['retentionSet'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/firm/photo-room': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells how much of its room for photos the firm has filled. */
    readonly get: operations['photosRoom'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/firm/spans': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Changes after how many months things fall due again. */
    readonly put: operations['peopleSetSpans'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/former-people': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists who worked here and is still known by name. */
    readonly get: operations['erasureFormerPeople'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/former-people/{personId}/erasure': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Erases the name of somebody who worked here from all that they did. */
    readonly post: operations['erasureErasePerson'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/health': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells that the process lives. */
    readonly get: operations['healthHealth'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/jobs': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the jobs of the firm: all that are to be done, and those done last. */
    readonly get: operations['visitsAllJobs'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/jobs/{jobId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    /** Says that a job is done, or is not. */
    readonly patch: operations['visitsChangeJob'];
    readonly trace?: never;
  };
  readonly '/api/jobs/{jobId}/work': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Says what a job takes, and at which visit it is to be done. */
    readonly put: operations['visitsChangeWork'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/links/{linkId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    /** Withdraws a link. */
    readonly delete: operations['sheetsWithdraw'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/outbox': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the mail that the demo wrote, which nobody is sent. */
    readonly get: operations['peopleOutbox'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/people': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the people of the firm. */
    readonly get: operations['peopleList'];
    readonly put?: never;
    /** Invites somebody to the firm; gives the link by which they join. */
    readonly post: operations['peopleInvite'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/people/{personId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    /** Removes somebody; their name stays on what they did. */
    readonly delete: operations['peopleRemove'];
    readonly options?: never;
    readonly head?: never;
    /** Changes the role of somebody, or whether they may sign in. */
    readonly patch: operations['peopleChange'];
    readonly trace?: never;
  };
  readonly '/api/people/{personId}/link': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Gives a new link to somebody: to join, or to choose a new password. */
    readonly post: operations['peopleLink'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/people/{personId}/second-factor': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    /** Takes out the authenticator of somebody who lost it. */
    readonly delete: operations['peopleForgetSecondFactor'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/photos/{photoId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Says what a photo shows, with a note and pins. */
    readonly put: operations['photosChange'];
    readonly post?: never;
    /** Takes a photo away, from links that show it too. */
    readonly delete: operations['photosRemove'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/photos/{photoId}/picture': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the picture of a photo. */
    readonly get: operations['photosPicture'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/photos/{photoId}/small': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the small picture of a photo. */
    readonly get: operations['photosSmall'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/planned-visits': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the visits that are planned from one date to another. */
    readonly get: operations['roundList'];
    readonly put?: never;
    /** Plans a visit. */
    readonly post: operations['roundAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/planned-visits/{plannedVisitId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    /** Takes a planned visit away. */
    readonly delete: operations['roundRemove'];
    readonly options?: never;
    readonly head?: never;
    /** Changes a planned visit, or moves it to another day or person. */
    readonly patch: operations['roundChange'];
    readonly trace?: never;
  };
  readonly '/api/planned-visits/order': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Says in which order somebody drives. */
    readonly put: operations['roundOrder'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/plans': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Makes the plan with the fewest programs of a brief; nothing is stored. */
    readonly post: operations['planningPlan'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/practice': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells what the timer that is practised on shows now. */
    readonly get: operations['practiceState'];
    /** Begins a lesson or a free case, in the place of what was begun before. */
    readonly put: operations['practiceBegin'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/practice/commands': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Does something at the timer that is practised on. */
    readonly post: operations['practiceCommand'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/practice/judgement': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Judges over the next 60 days how the timer is left now. */
    readonly post: operations['practiceJudge'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/practice/reading': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Reads a station with the meter. */
    readonly get: operations['practiceReading'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/practice/results': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells what came of practice: of whoever asks; to owners of everybody. */
    readonly get: operations['practiceResults'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/practice/units': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Searches the two wires for valve units. */
    readonly get: operations['practiceUnits'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Finds properties by words, with the outlook of their timers. */
    readonly get: operations['propertiesFind'];
    readonly put?: never;
    /** Adds a property. */
    readonly post: operations['propertiesAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives one property. */
    readonly get: operations['propertiesOne'];
    /** Changes a property, made from a version of it. */
    readonly put: operations['propertiesChange'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/archived': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Archives a property, or brings it back. */
    readonly put: operations['propertiesSetArchived'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/contact-erasure': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Erases who the household is and how one gets in, for good. */
    readonly post: operations['erasureEraseContact'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/erasure': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Counts what would go with a property for good. */
    readonly get: operations['erasureOfProperty'];
    readonly put?: never;
    /** Erases an archived property with all that is of it, for good. */
    readonly post: operations['erasureEraseProperty'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/events': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists holds, rules, messages, dues and weather of a home, the newest first. */
    readonly get: operations['historyEvents'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/file': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives a whole property as a file. */
    readonly get: operations['propertyFilesExport'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/jobs': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the jobs at a property. */
    readonly get: operations['visitsJobsOf'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/last-photos': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the last photos at a property, and how many there are. */
    readonly get: operations['photosLast'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/photos': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the photos at a property, the newest first. */
    readonly get: operations['photosList'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/set-up': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Leaves out steps of setting up a home, or ends the leading through it. */
    readonly put: operations['propertiesSetUp'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/properties/{propertyId}/timers': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the timers of a property, each with its outlook. */
    readonly get: operations['propertiesTimers'];
    readonly put?: never;
    /** Adds a timer with its first settings. */
    readonly post: operations['timersAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/property-files': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Imports a property file; nothing that is there is removed. */
    readonly post: operations['propertyFilesImport'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/property-files/preview': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Tells what an import of a property file would add and change. */
    readonly post: operations['propertyFilesPreview'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/ready': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells whether the process is ready for requests. */
    readonly get: operations['healthReady'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the changes of many homes, those that go on first. */
    readonly get: operations['rolloutsList'];
    readonly put?: never;
    /** Has a change tried on all timers that it touches. */
    readonly post: operations['rolloutsBegin'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells how far a change of many homes is. */
    readonly get: operations['rolloutsOne'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/accept': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Takes what was worked out as the settings of some timers. */
    readonly post: operations['rolloutsAccept'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/closed': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Closes a change of many homes, or opens it again. */
    readonly put: operations['rolloutsClose'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/go-on': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Goes on with trying a change where it was stopped. */
    readonly post: operations['rolloutsGoOn'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/put-in-force': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Saves the rules, or the timer type, as they were tried. */
    readonly post: operations['rolloutsPutInForce'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/stop': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Stops trying a change; what was found stays. */
    readonly post: operations['rolloutsStop'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/timers': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists what a change comes to, timer by timer, what breaks first. */
    readonly get: operations['rolloutsTimers'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/timers.csv': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives what a change comes to as a table for a spreadsheet. */
    readonly get: operations['rolloutsCsv'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/timers/{timerId}/look-longer': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Looks longer for the fewest values that fix one timer. */
    readonly post: operations['rolloutsLookLonger'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/timers/{timerId}/messaged': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Notes that a message to the household was opened. */
    readonly put: operations['rolloutsMessaged'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rollouts/{rolloutId}/withdraw': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Takes back what was accepted for some timers and not keyed in. */
    readonly post: operations['rolloutsWithdraw'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/round': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells what there is to do: visits of a date, what is due, what needs somebody. */
    readonly get: operations['roundOf'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rule-sets': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the local rules of all districts. */
    readonly get: operations['rulesList'];
    readonly put?: never;
    /** Adds the rules of a district. */
    readonly post: operations['rulesAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rule-sets/{ruleSetId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Changes the rules of a district, made from a version of them. */
    readonly put: operations['rulesChange'];
    readonly post?: never;
    /** Takes the rules of a district away; its homes go by none. */
    readonly delete: operations['rulesRemove'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/rule-sets/{ruleSetId}/bring-back': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Brings back the rules of a district, for the homes that went by them. */
    readonly post: operations['rulesBringBack'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/search': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Finds homes, timers, stations, open jobs and people by words. */
    readonly get: operations['searchFind'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/session': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells who is signed in, and their firm. */
    readonly get: operations['peopleSession'];
    readonly put?: never;
    /** Signs somebody in by e-mail and password. */
    readonly post: operations['peopleSignIn'];
    /** Ends the session. */
    readonly delete: operations['peopleSignOut'];
    readonly options?: never;
    readonly head?: never;
    /** Changes how the person who is signed in reads times. */
    readonly patch: operations['peopleSetPreferences'];
    readonly trace?: never;
  };
  readonly '/api/session/demo': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Signs in as a person of the demo data. */
    readonly post: operations['peopleSignInAsDemo'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/session/firm': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Goes on as who the person is in another of their firms. */
    readonly put: operations['peopleChangeOver'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/session/links/{token}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells whoever holds a link what it is for. */
    readonly get: operations['accountHeld'];
    readonly put?: never;
    /** Joins a firm, or sets a new password, by a link. */
    readonly post: operations['accountUse'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/session/strength': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Tells how hard a password is to guess. */
    readonly post: operations['accountStrength'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/setup': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Sets up the first firm and its owner, and signs them in. */
    readonly post: operations['peopleSetUp'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/shared/{token}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the sheet that a link leads to, and nothing else. */
    readonly get: operations['sheetsShared'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/shared/{token}/now': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells what waters today and this week at the timer of a link, and what was done last. */
    readonly get: operations['sheetsSharedNow'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/shared/{token}/photos/{photoId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the picture of a photo that was chosen for a link. */
    readonly get: operations['sheetsSharedPhoto'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/shared/{token}/sheet.pdf': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the sheet that a link leads to as a PDF. */
    readonly get: operations['sheetsSharedPdf'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/shared/{token}/tellings': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Tells the firm what was seen, by whoever has a link to a sheet. */
    readonly post: operations['tellingsTell'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/sheets/{sheetId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives one sheet. */
    readonly get: operations['sheetsOne'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/sheets/{sheetId}/links': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Makes a link that leads to a sheet for some days. */
    readonly post: operations['sheetsShare'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/sheets/{sheetId}/sheet.pdf': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives a sheet as a PDF. */
    readonly get: operations['sheetsPdf'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/simulated-timers': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the simulated timers that hang at homes of the firm now. */
    readonly get: operations['simulatedTimersList'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/tellings': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists what households told and nobody has seen to, the newest first. */
    readonly get: operations['tellingsOpen'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/tellings/{tellingId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    /** Says that somebody has seen to what was told, or has not. */
    readonly patch: operations['tellingsChange'];
    readonly trace?: never;
  };
  readonly '/api/timer-types': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the firm's timer types. */
    readonly get: operations['timerTypesList'];
    readonly put?: never;
    /** Adds a timer type. */
    readonly post: operations['timerTypesAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timer-types/{timerTypeId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Changes a timer type, and what its timers can do. */
    readonly put: operations['timerTypesChange'];
    readonly post?: never;
    /** Takes a timer type out of the library; its timers stay as they are. */
    readonly delete: operations['timerTypesRemove'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timer-types/{timerTypeId}/bring-back': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Brings back a timer type, for the timers that were of it. */
    readonly post: operations['timerTypesBringBack'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timer-types/{timerTypeId}/preview': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Tells which timers a change of their type would break. */
    readonly post: operations['timerTypesPreview'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives one timer with its property. */
    readonly get: operations['timersOne'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    /** Names a timer, or says whether it holds a backup of its own. */
    readonly patch: operations['timersChange'];
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/copies': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the saved copies of a timer, the newest first. */
    readonly get: operations['copiesList'];
    readonly put?: never;
    /** Keeps a copy of settings: as found, as left, or planned. */
    readonly post: operations['copiesAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/due-answers': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Says that a due is done other than by a visit, or puts it off. */
    readonly post: operations['roundAnswer'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/holds': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    /** Holds a timer, or ends its holds; the settings stay as they are. */
    readonly put: operations['timersHold'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/photos': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Keeps a photo of something at a timer. */
    readonly post: operations['photosAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/settings': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the settings of a timer, with the rules that hold on a date. */
    readonly get: operations['timersSettings'];
    /** Saves settings, made from a version of them, and keeps a copy. */
    readonly put: operations['timersSaveSettings'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/sheets': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the sheets that were left at a timer, the newest first. */
    readonly get: operations['sheetsList'];
    readonly put?: never;
    /** Keeps the sheet that is left at a timer. */
    readonly post: operations['sheetsAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/simulator': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells what the simulated timer shows and waters now. */
    readonly get: operations['simulatorState'];
    /** Hangs a simulated timer in the place of the one on the wall. */
    readonly put: operations['simulatorHangUp'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/simulator/commands': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Gives the simulated timer a command. */
    readonly post: operations['simulatorCommand'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/simulator/log.csv': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives what the simulated timer has watered, as CSV. */
    readonly get: operations['simulatorLog'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/simulator/stations/{station}/reading': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Reads a station of the simulated timer with the meter. */
    readonly get: operations['simulatorReading'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/simulator/units': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Searches the two wires of the simulated timer for valve units. */
    readonly get: operations['simulatorUnits'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/simulator/units/{serial}/test': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tests a valve unit on the two wires of the simulated timer. */
    readonly get: operations['simulatorTestUnit'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/stations-seen': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells what was seen and read of stations at the last visits, the oldest first. */
    readonly get: operations['visitsStations'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/tellings': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists what was told of a timer, the newest first. */
    readonly get: operations['tellingsOfTimer'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/visits': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the visits to a timer, the newest first. */
    readonly get: operations['visitsList'];
    readonly put?: never;
    /** Begins a visit. */
    readonly post: operations['visitsBegin'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/timers/{timerId}/yard': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the yard of a timer. */
    readonly get: operations['timersYard'];
    /** Saves a yard, made from a version of it. */
    readonly put: operations['timersSaveYard'];
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/visits/{visitId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives one visit with all that was done and seen. */
    readonly get: operations['visitsOne'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    /** Ends a visit, or opens it again. */
    readonly patch: operations['visitsChange'];
    readonly trace?: never;
  };
  readonly '/api/visits/{visitId}/entries': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Records what was done or seen on a visit. */
    readonly post: operations['visitsAddEntry'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/weather': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Lists the weather that is known, by place. */
    readonly get: operations['weatherList'];
    readonly put?: never;
    /** Adds the weather of a place. */
    readonly post: operations['weatherAdd'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/weather/{weatherId}': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Gives the weather of one place. */
    readonly get: operations['weatherOne'];
    /** Changes the weather of a place, made from a version of it. */
    readonly put: operations['weatherChange'];
    readonly post?: never;
    /** Takes the weather of a place away; its homes go by none. */
    readonly delete: operations['weatherRemove'];
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/weather/{weatherId}/bring-back': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly get?: never;
    readonly put?: never;
    /** Brings back weather, for the homes that went by it. */
    readonly post: operations['weatherBringBack'];
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
  readonly '/api/welcome': {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    /** Tells the door what it needs to know before anybody has signed in. */
    readonly get: operations['peopleWelcome'];
    readonly put?: never;
    readonly post?: never;
    readonly delete?: never;
    readonly options?: never;
    readonly head?: never;
    readonly patch?: never;
    readonly trace?: never;
  };
}
export type webhooks = Record<string, never>;
export interface components {
  schemas: {
    readonly AcceptedTimers: {
      readonly timerIds?: readonly string[];
    };
    readonly AccountAnswer: {
      readonly email: string;
      readonly hasPassword: boolean;
      readonly hasSecondFactor: boolean;
      /** @description How many recovery codes are left */
      readonly recoveryCodes: number;
      readonly sessions: readonly components['schemas']['SessionListing'][];
    };
    readonly AccountLinkAnswer: {
      /** Format: date-time */
      readonly expiresAt: string;
      /** @enum {string} */
      readonly kind: 'invite' | 'reset';
      readonly person: components['schemas']['PersonAnswer'];
      readonly token: string;
    };
    readonly ArchivedChange: {
      readonly archived: boolean;
    };
    readonly Break: import('@water-clock/core/rollouts').Break;
    readonly Brief: import('@water-clock/core/planner').Brief;
    readonly BriefFields: {
      readonly document: components['schemas']['Brief'];
    };
    readonly CableAnswer: {
      /** @description The nearest first */
      readonly units: readonly components['schemas']['CableUnit'][];
    };
    readonly CableUnit: {
      readonly address: number;
      /** @example VU-39256 */
      readonly serial: string;
    };
    readonly CalendarLinkAnswer: {
      /** Format: date-time */
      readonly madeAt: string;
    };
    readonly ChangeAnswer: {
      /** @description Of each field what it was and what it is; of a document which of its parts */
      readonly fields: {
        readonly [key: string]: readonly (string | null)[];
      } | null;
      readonly id: number;
      /** @enum {string} */
      readonly kind:
        | 'firm'
        | 'person'
        | 'property'
        | 'timer'
        | 'settings'
        | 'yard'
        | 'copy'
        | 'visit'
        | 'job'
        | 'sheet'
        | 'link'
        | 'rules'
        | 'weather'
        | 'timer type'
        | 'planned visit'
        | 'due'
        | 'calendar link'
        | 'rollout'
        | 'photo'
        | 'telling';
      /** Format: date-time */
      readonly madeAt: string;
      readonly name: string | null;
      /** @description Null: the installation itself */
      readonly person: string | null;
      readonly propertyId: string | null;
      /** @enum {string} */
      readonly way: 'add' | 'change' | 'remove';
    };
    readonly ChangesPage: {
      /** @description There are older ones */
      readonly hasMore: boolean;
      readonly rows: readonly components['schemas']['ChangeAnswer'][];
    };
    readonly CoilLimits: import('@water-clock/core/visits').CoilLimits;
    readonly CoilLimitsFields: {
      readonly document: components['schemas']['CoilLimits'];
    };
    readonly Confirmed: import('@water-clock/core/settings').Confirmed;
    readonly CopyAnswer: {
      readonly confirmed: components['schemas']['Confirmed'];
      readonly document: components['schemas']['Plan'];
      /** Format: uuid */
      readonly id: string;
      readonly isInTimer: boolean;
      /** Format: date-time */
      readonly madeAt: string;
      readonly name: string;
      /** @description Counts the copies of the timer */
      readonly number: number;
      readonly person: string;
      /** @enum {string} */
      readonly reason: 'as-found' | 'planned' | 'left';
      readonly timer: components['schemas']['TimerAnswer'];
      /** @description As it was then; null: nobody kept it */
      readonly yard: components['schemas']['Yard'] | null;
    };
    readonly CopyChange: {
      /** @description It is believed to be what the timer holds now */
      readonly isInTimer?: boolean;
      readonly name?: string;
    };
    readonly CopyFields: {
      /** @description Of how many values somebody read what stands there */
      readonly confirmed?: components['schemas']['Confirmed'];
      readonly document: components['schemas']['Plan'];
      /**
       * Format: uuid
       * @description Made by the device; sent twice it counts once
       */
      readonly id?: string;
      /**
       * Format: date-time
       * @description When it was read off or left; absent: now
       */
      readonly madeAt?: string;
      /** @default  */
      readonly name?: string;
      /** @enum {string} */
      readonly reason: 'as-found' | 'planned' | 'left';
    };
    readonly CopyListing: {
      readonly confirmed: components['schemas']['Confirmed'];
      /** Format: uuid */
      readonly id: string;
      readonly isInTimer: boolean;
      /** Format: date-time */
      readonly madeAt: string;
      readonly name: string;
      /** @description Counts the copies of the timer */
      readonly number: number;
      readonly person: string;
      /** @enum {string} */
      readonly reason: 'as-found' | 'planned' | 'left';
    };
    readonly Customary: import('@water-clock/core/needs').Customary;
    readonly CustomaryFields: {
      readonly document: components['schemas']['Customary'];
    };
    readonly DayOrder: {
      readonly ids: readonly string[];
    };
    readonly DemoPerson: {
      readonly firm: string;
      /** Format: uuid */
      readonly id: string;
      readonly name: string;
      /** @enum {string} */
      readonly role: 'owner' | 'technician' | 'office';
    };
    readonly DemoSignInFields: {
      /** Format: uuid */
      readonly personId: string;
    };
    readonly DoneOfChange: {
      /** @description At how many timers it was done */
      readonly done: number;
      readonly refused: readonly components['schemas']['RefusedTimer'][];
    };
    readonly Due: import('@water-clock/core/dues').Due;
    readonly DueAnswerAnswer: {
      /** Format: uuid */
      readonly id: string;
      readonly key: string;
      /** Format: uuid */
      readonly timerId: string;
    };
    readonly DueAnswerFields: {
      /**
       * @description Absent: it is put off
       * @enum {string}
       */
      readonly doneBy?: 'household' | 'firm';
      /**
       * Format: uuid
       * @description Sent twice it counts once
       */
      readonly id?: string;
      /** @example battery:2026-06-09 */
      readonly key: string;
      /** @enum {string} */
      readonly kind:
        | 'season-step'
        | 'clock-change'
        | 'rule-change'
        | 'planned-change'
        | 'sensor-back'
        | 'hold-ends'
        | 'look'
        | 'battery'
        | 'sensor-test'
        | 'filter'
        | 'yearly-check'
        | 'backflow-test'
        | 'winter'
        | 'spring'
        | 'link-ends';
      /**
       * Format: date
       * @description When it was done, or put off
       */
      readonly on: string;
      /**
       * @description Why it is put off
       * @default
       */
      readonly reason?: string;
      /**
       * Format: date
       * @description The date that it is put off to
       */
      readonly until?: string;
    };
    readonly EntryAnswer: {
      readonly entry: components['schemas']['VisitEntry'];
      /** Format: uuid */
      readonly id: string;
      readonly number: number;
      /** Format: date-time */
      readonly observedAt: string;
      readonly person: string;
      readonly seen: number;
    };
    readonly EntryFields: {
      readonly document: components['schemas']['VisitEntry'];
      /**
       * Format: uuid
       * @description Made by the device; sent twice it counts once
       */
      readonly id: string;
      /** Format: date-time */
      readonly observedAt: string;
      /** @description The highest number of the visit that its maker had seen */
      readonly seen: number;
    };
    readonly ErasureFields: {
      /**
       * @description Its name, so that it is the right one
       * @example Plum cottage
       */
      readonly name: string;
    };
    readonly FirmAnswer: {
      readonly coilLimits: components['schemas']['CoilLimits'];
      readonly currency: string;
      readonly customary: components['schemas']['Customary'];
      /** Format: uuid */
      readonly id: string;
      /** @description Made up, for looking around */
      readonly isDemo: boolean;
      readonly name: string;
      readonly phone: string;
      /** @description After how many months things fall due again */
      readonly spans: components['schemas']['Spans'];
      /** @enum {string} */
      readonly units: 'metric' | 'us';
      readonly wantsSecondFactor: boolean;
    };
    readonly FirmChange: {
      /**
       * @description ISO 4217
       * @example USD
       */
      readonly currency?: string;
      readonly name?: string;
      /** @description Whom a household phones */
      readonly phone?: string;
      /** @enum {string} */
      readonly units?: 'metric' | 'us';
      /** @description Whoever signs in needs an authenticator too */
      readonly wantsSecondFactor?: boolean;
    };
    readonly FirmChoice: {
      /**
       * Format: uuid
       * @description Who somebody is in that firm
       */
      readonly personId: string;
    };
    readonly FirmOfPerson: {
      readonly firm: string;
      /** Format: uuid */
      readonly personId: string;
    };
    readonly Fix: import('@water-clock/core/rollouts').Fix;
    readonly FlowAnswer: {
      /** @example 2026-06-01T04:00:00 */
      readonly from: string;
      readonly station: number;
      readonly to: string;
    };
    readonly FormerPerson: {
      /** Format: uuid */
      readonly id: string;
      /** @description Somebody else of this firm has the same name */
      readonly isShared: boolean;
      readonly name: string;
      /**
       * Format: date-time
       * @example 2026-06-01T10:00:00.000Z
       */
      readonly removedAt: string;
    };
    readonly Found: {
      /** @enum {string} */
      readonly kind: 'property' | 'timer' | 'station' | 'job' | 'person';
      /** Format: uuid */
      readonly propertyId: string | null;
      readonly station: number | null;
      /** Format: uuid */
      readonly timerId: string | null;
      /** @description What it is called */
      readonly title: string;
      /** @description Where it is, in short */
      readonly where: string;
    };
    readonly FoundList: {
      readonly rows: readonly components['schemas']['Found'][];
    };
    readonly FrontAnswer: {
      /** @description False: the value is of the whole timer */
      readonly isOfProgram: boolean;
      readonly of: number;
      /** @enum {string} */
      readonly part: 'clock' | 'starts' | 'run-times' | 'days' | 'percent' | 'extras';
      /** @description From 1 */
      readonly place: number;
      /** @description The letter that is chosen */
      readonly program: string;
      readonly station: number | null;
      readonly value: string;
      readonly what: string;
    };
    readonly HealthAnswer: {
      /** @example well */
      readonly status: string;
    };
    readonly Hold: {
      /**
       * @description By the clock of the home
       * @example 2026-06-09T07:00:00
       */
      readonly from: string;
      /** @example 2026-06-12T07:00:00 */
      readonly to: string;
    };
    readonly HoldsChange: {
      readonly holds: readonly components['schemas']['Hold'][];
      /** @example 1 */
      readonly version: number;
    };
    readonly HomeEvent: {
      /** Format: date-time */
      readonly at: string;
      /** @description Of weather: of so many days of the month */
      readonly days?: number;
      /**
       * @description Of a due: who did it
       * @enum {string}
       */
      readonly doneBy?: 'household' | 'firm';
      /** @enum {string} */
      readonly due?:
        | 'season-step'
        | 'clock-change'
        | 'rule-change'
        | 'planned-change'
        | 'sensor-back'
        | 'hold-ends'
        | 'look'
        | 'battery'
        | 'sensor-test'
        | 'filter'
        | 'yearly-check'
        | 'backflow-test'
        | 'winter'
        | 'spring'
        | 'link-ends';
      /** @description Of weather: reference evapotranspiration, in mm */
      readonly et0Mm?: number;
      /** @description The same whenever it is asked for */
      readonly id: string;
      /** @description Of a hold: on the desk, and read in no timer */
      readonly isWanted?: boolean;
      /** @enum {string} */
      readonly kind: 'hold' | 'rules' | 'message' | 'due' | 'weather';
      /**
       * @description Of weather
       * @example 2026-06
       */
      readonly month?: string;
      /** @description Of rules, and of a change for many homes */
      readonly name?: string;
      /**
       * Format: date
       * @description Of a due: put off until then
       */
      readonly putOffUntil?: string;
      /** @description Of weather, in mm */
      readonly rainMm?: number;
      /** @description Of a due that was put off */
      readonly reason?: string;
      /** Format: uuid */
      readonly timerId: string | null;
      /** @description Of a hold: its end, by the clock of the home */
      readonly until?: string;
    };
    readonly HomeOfVisit: {
      readonly address: string;
      readonly contactEmail: string;
      readonly contactName: string;
      readonly contactPhone: string;
      readonly gateNotes: string;
      /** Format: uuid */
      readonly id: string;
      readonly latitude: number | null;
      readonly longitude: number | null;
      readonly name: string;
      readonly town: string;
    };
    readonly HomesChange: import('@water-clock/core/rollouts').HomesChange;
    readonly HouseholdAnswer: {
      /** @description Today and six days; empty: nobody knows */
      readonly days: readonly components['schemas']['HouseholdDay'][];
      readonly holds: readonly string[];
      readonly lookOutFor: readonly string[];
      /** @description When somebody was there last, and what was done */
      readonly visit: readonly string[];
    };
    readonly HouseholdDay: {
      /** Format: date */
      readonly date: string;
      readonly waterings: readonly components['schemas']['HouseholdWatering'][];
    };
    readonly HouseholdWatering: {
      readonly name: string;
      readonly station: number;
      /** @description From when to when, in the words of the household */
      readonly when: string;
    };
    readonly ImportAnswer: {
      /** @description Empty: all of it is here already */
      readonly changes: readonly components['schemas']['ImportChange'][];
      readonly name: string;
      /**
       * Format: uuid
       * @description The property
       */
      readonly propertyId: string;
      readonly timers: readonly components['schemas']['TimerBroughtIn'][];
    };
    readonly ImportChange: {
      /** @description What of it, in sentences */
      readonly details: readonly string[];
      /** @enum {string} */
      readonly does: 'add' | 'change';
      /** @example Timer "Garage timer" */
      readonly what: string;
    };
    readonly InviteFields: {
      /** @example ines@quillhaven.example */
      readonly email: string;
      /** @example Ines Okafor */
      readonly name: string;
      /** @enum {string} */
      readonly role: 'owner' | 'technician' | 'office';
    };
    readonly JobAnswer: {
      /** Format: date-time */
      readonly doneAt: string | null;
      readonly doneBy: string;
      /** @enum {string} */
      readonly fault:
        | 'head-broken'
        | 'head-tilted'
        | 'head-clogged'
        | 'leak'
        | 'low-pressure'
        | 'valve-stuck'
        | 'no-valve'
        | 'wrong-area'
        | 'wet-place'
        | 'wire-open'
        | 'coil-short'
        | 'coil-open'
        | 'splice-wet'
        | 'common-open'
        | 'unit-silent'
        | 'cable-open'
        | 'module-dead'
        | 'transformer-dead'
        | 'cable-short'
        | 'display-dark'
        | 'battery-flat'
        | 'sensor-wire'
        | 'pump-circuit-open'
        | 'pump-circuit-short';
      /** Format: date-time */
      readonly foundAt: string;
      readonly foundBy: string;
      /** Format: uuid */
      readonly id: string;
      readonly note: string;
      /** @description Null: it is of the timer, its wires or what hangs on them */
      readonly station: number | null;
      /** @description Of what is of the timer: stay shut by it */
      readonly stations: readonly number[];
      readonly timer: string;
      /** Format: uuid */
      readonly timerId: string;
      /**
       * Format: uuid
       * @description At which it was found
       */
      readonly visitId: string;
    };
    readonly JobChange: {
      readonly isDone: boolean;
    };
    readonly JobOfFirm: {
      /** Format: date-time */
      readonly doneAt: string | null;
      readonly doneBy: string;
      /** @enum {string} */
      readonly fault:
        | 'head-broken'
        | 'head-tilted'
        | 'head-clogged'
        | 'leak'
        | 'low-pressure'
        | 'valve-stuck'
        | 'no-valve'
        | 'wrong-area'
        | 'wet-place'
        | 'wire-open'
        | 'coil-short'
        | 'coil-open'
        | 'splice-wet'
        | 'common-open'
        | 'unit-silent'
        | 'cable-open'
        | 'module-dead'
        | 'transformer-dead'
        | 'cable-short'
        | 'display-dark'
        | 'battery-flat'
        | 'sensor-wire'
        | 'pump-circuit-open'
        | 'pump-circuit-short';
      /** Format: date-time */
      readonly foundAt: string;
      readonly foundBy: string;
      readonly home: string;
      /** Format: uuid */
      readonly id: string;
      readonly note: string;
      readonly parts: string;
      /** @description Who goes; empty where no visit is planned */
      readonly plannedFor: string;
      /** Format: date */
      readonly plannedOn: string | null;
      /** Format: uuid */
      readonly plannedVisitId: string | null;
      /** @description In the firm's currency */
      readonly price: number | null;
      /** Format: uuid */
      readonly propertyId: string;
      /** @enum {string} */
      readonly state: 'open' | 'planned' | 'done';
      /** @description Null: it is of the timer, its wires or what hangs on them */
      readonly station: number | null;
      readonly stationName: string;
      /** @description Of what is of the timer: stay shut by it */
      readonly stations: readonly number[];
      readonly timer: string;
      /** Format: uuid */
      readonly timerId: string;
      readonly version: number;
      /**
       * Format: uuid
       * @description At which it was found
       */
      readonly visitId: string;
    };
    readonly JobWork: {
      /** @default  */
      readonly parts?: string;
      /**
       * Format: uuid
       * @description Absent: no visit is planned for it
       */
      readonly plannedVisitId?: string;
      /** @description In the firm's currency; absent: not known */
      readonly price?: number;
      /** @example 1 */
      readonly version: number;
    };
    readonly JudgementAnswer: {
      readonly isRight: boolean;
      /** @description What was changed without need */
      readonly needless: readonly string[];
      /** @description Of its true time */
      readonly passedSeconds: number;
      readonly presses: number;
      /** @description What is still wrong */
      readonly wrong: readonly string[];
    };
    readonly KeepingFields: {
      /**
       * @description Properties, from when they were archived
       * @example 12
       */
      readonly archivedMonths?: number;
      /**
       * @description Names and values in what was noted of changes
       * @example 24
       */
      readonly changesMonths?: number;
      /**
       * @description What was taken away can be brought back for as long
       * @example 30
       */
      readonly removedDays: number;
      /**
       * @description Visits, sheets and copies that nothing else rests on
       * @example 60
       */
      readonly visitsMonths?: number;
    };
    readonly LastPhotos: {
      readonly photos: readonly components['schemas']['PhotoAnswer'][];
      readonly total: number;
    };
    readonly LikelyCauseAnswer: {
      /** @enum {string} */
      readonly code:
        | 'as-set'
        | 'clock'
        | 'percent'
        | 'extra-start'
        | 'extra-program'
        | 'sensor-stuck'
        | 'sensor-ignored'
        | 'switched-off'
        | 'station-dead'
        | 'valve-stuck'
        | 'by-hand';
      /** @description What happens, with times */
      readonly says: string;
    };
    readonly LinkAnswer: {
      /** Format: date-time */
      readonly expiresAt: string;
      /** Format: uuid */
      readonly id: string;
      /** Format: date-time */
      readonly lastOpenedAt: string | null;
      /** Format: date-time */
      readonly madeAt: string;
      /** @description The name of who made it */
      readonly madeBy: string;
      /** @description How often somebody came by it */
      readonly opened: number;
      /** @description How many photos it shows */
      readonly photos: number;
      /** @description Told this once only */
      readonly token: string;
    };
    readonly LinkFields: {
      /**
       * @description For how many days it leads to the sheet
       * @example 180
       */
      readonly days: number;
      /** @description Photos at its timer that it shows, in this order; absent: none */
      readonly photoIds?: readonly string[];
    };
    readonly LinkHeld: {
      readonly email: string;
      readonly firm: string;
      /** @description The password that is known is asked for, not a new one */
      readonly hasPassword: boolean;
      /** @enum {string} */
      readonly kind: 'invite' | 'reset';
      readonly name: string;
      /** @description A code of the authenticator is asked for beside the new password */
      readonly wantsCode: boolean;
    };
    readonly LinkListing: {
      /** Format: date-time */
      readonly expiresAt: string;
      /** Format: uuid */
      readonly id: string;
      /** Format: date-time */
      readonly lastOpenedAt: string | null;
      /** Format: date-time */
      readonly madeAt: string;
      /** @description The name of who made it */
      readonly madeBy: string;
      /** @description How often somebody came by it */
      readonly opened: number;
      /** @description How many photos it shows */
      readonly photos: number;
    };
    readonly LinkUse: {
      /** @description Of the authenticator, or a recovery code, where it is wanted */
      readonly code?: string;
      /** @description A new one; or, for whoever has an account, the one that is known */
      readonly password: string;
    };
    readonly LinkUsed: {
      /** @description False: sign in as always */
      readonly isSignedIn: boolean;
    };
    readonly MeterAnswer: {
      /** @description While it is to be on */
      readonly amps: number;
      /** @description Null: no circuit */
      readonly ohms: number | null;
    };
    readonly NewCalendarLinkAnswer: {
      /** Format: date-time */
      readonly madeAt: string;
      /** @description Told this once only */
      readonly token: string;
    };
    readonly NewPlannedVisit: {
      /**
       * Format: uuid
       * @description Sent twice it counts once
       */
      readonly id?: string;
      /** @description Absent: as long as what is to be done takes */
      readonly minutes?: number;
      /** @default  */
      readonly notes?: string;
      /**
       * Format: date
       * @example 2026-06-09
       */
      readonly onDate: string;
      /** Format: uuid */
      readonly personId: string;
      /** Format: uuid */
      readonly propertyId: string;
      /**
       * @description What it is for
       * @default
       */
      readonly reason?: string;
    };
    readonly NewProperty: {
      /**
       * @default
       * @example 3 Alder Row
       */
      readonly address?: string;
      /** @default  */
      readonly contactEmail?: string;
      /** @default  */
      readonly contactName?: string;
      /** @default  */
      readonly contactPhone?: string;
      /**
       * @description How hard it freezes there
       * @enum {string}
       */
      readonly frost?: 'none' | 'light' | 'hard';
      /**
       * @description How one gets in
       * @default
       */
      readonly gateNotes?: string;
      /**
       * @description The day before each of them is kept dry too
       * @default false
       */
      readonly isDryBeforeMowing?: boolean;
      /**
       * @description Somebody is to be led through setting it up
       * @default false
       */
      readonly isLed?: boolean;
      /**
       * @description What the household reads
       * @default en
       * @enum {string}
       */
      readonly language?: 'en' | 'es';
      /** @example 40.21 */
      readonly latitude?: number;
      /** @example -107.36 */
      readonly longitude?: number;
      /**
       * @description Monday = 1
       * @default []
       */
      readonly mowingWeekdays?: readonly number[];
      /** @example Plum cottage */
      readonly name: string;
      /**
       * Format: uuid
       * @description Absent: nobody knows the rules here
       */
      readonly ruleSetId?: string;
      /** @description Kilopascal */
      readonly supplyKpa?: number;
      /** @description Litres a minute */
      readonly supplyLpm?: number;
      /** @enum {string} */
      readonly supplySource?: 'mains' | 'bore' | 'tank' | 'pond' | 'reclaimed';
      /** @example America/Denver */
      readonly timeZone?: string;
      /**
       * @default
       * @example Quillhaven
       */
      readonly town?: string;
      /** @description Of a cubic metre of water, in the firm's currency */
      readonly waterPrice?: number;
      /**
       * Format: uuid
       * @description Absent: no weather is known here
       */
      readonly weatherId?: string;
    };
    readonly NewRollout: {
      readonly change: components['schemas']['HomesChange'];
      /**
       * Format: date
       * @description From when on it holds
       * @example 2026-07-01
       */
      readonly from: string;
      /**
       * Format: uuid
       * @description Sent twice it counts once
       */
      readonly id?: string;
      /**
       * @description Empty: by what is changed
       * @default
       */
      readonly name?: string;
      /**
       * Format: date
       * @description The date of whoever asks
       * @example 2026-06-09
       */
      readonly on: string;
      /** @description Only these homes; absent: all that it touches */
      readonly propertyIds?: readonly string[];
    };
    readonly OpenStation: {
      /** @description Empty: by hand */
      readonly program: string;
      readonly secondsLeft: number;
      readonly station: number;
    };
    readonly OutcomeCounts: {
      readonly breaks: number;
      readonly tooMuch: number;
      readonly untouched: number;
      readonly wasBroken: number;
      readonly well: number;
    };
    readonly PasswordAsked: {
      /** @description Empty where the account has none yet */
      readonly password: string;
    };
    readonly PasswordChange: {
      /** @description The one that is known; not asked where there is none yet */
      readonly current?: string;
      readonly password: string;
    };
    readonly PersonAnswer: {
      /** @enum {string} */
      readonly clock: '24' | '12';
      readonly email: string;
      readonly hasSecondFactor: boolean;
      /** Format: uuid */
      readonly id: string;
      readonly name: string;
      /** @enum {string} */
      readonly role: 'owner' | 'technician' | 'office';
      /** @enum {string} */
      readonly state: 'active' | 'invited' | 'disabled';
    };
    readonly PersonChange: {
      /** @description Who is disabled cannot sign in, and is signed out */
      readonly isDisabled?: boolean;
      /** @enum {string} */
      readonly role?: 'owner' | 'technician' | 'office';
    };
    readonly PhotoAnswer: {
      /** Format: uuid */
      readonly copyId: string | null;
      readonly document: components['schemas']['PhotoFacts'];
      /** @description In pixels */
      readonly height: number;
      /** Format: uuid */
      readonly id: string;
      /** Format: uuid */
      readonly jobId: string | null;
      /** @enum {string} */
      readonly media: 'image/jpeg' | 'image/webp';
      readonly person: string;
      /** Format: date-time */
      readonly takenAt: string;
      /** Format: uuid */
      readonly timerId: string;
      readonly version: number;
      /** Format: uuid */
      readonly visitId: string | null;
      /** @description In pixels */
      readonly width: number;
    };
    readonly PhotoChange: {
      readonly document: components['schemas']['PhotoFacts'];
      /**
       * @description The version that the change was made from
       * @example 1
       */
      readonly version: number;
    };
    readonly PhotoFacts: import('@water-clock/core/photos').PhotoFacts;
    readonly PhotoFields: {
      /**
       * Format: uuid
       * @description The reading that it belongs to, which may be saved later
       */
      readonly copyId?: string;
      readonly document: components['schemas']['PhotoFacts'];
      /**
       * Format: uuid
       * @description Made by the device; sent twice it counts once
       */
      readonly id: string;
      /**
       * Format: uuid
       * @description The job that it belongs to
       */
      readonly jobId?: string;
      /**
       * Format: byte
       * @description A JPEG or a WebP of at most 1,600 pixels a side and 400 KB
       */
      readonly picture: string;
      /**
       * Format: byte
       * @description The same of at most 320 pixels a side and 40 KB, for lists
       */
      readonly small: string;
      /** Format: date-time */
      readonly takenAt: string;
      /**
       * Format: uuid
       * @description The visit on which it was taken
       */
      readonly visitId?: string;
    };
    readonly PhotoRoom: {
      readonly bytes: number;
      /** @description That may be filled */
      readonly mostBytes: number;
      readonly photos: number;
    };
    readonly Plan: import('@water-clock/core/settings').Plan;
    readonly PlannedAnswer: {
      readonly feasible: boolean;
      /** @description No plan has fewer programs */
      readonly isProven?: boolean;
      /** @description Each with its change and its plan */
      readonly nearest?: readonly {
        readonly [key: string]: unknown;
      }[];
      /** @description A plan, waterclock.plan/2 */
      readonly plan?: {
        readonly [key: string]: unknown;
      };
      readonly reasons?: readonly components['schemas']['PlanReason'][];
    };
    readonly PlannedVisitAnswer: {
      readonly home: components['schemas']['HomeOfVisit'];
      /** Format: uuid */
      readonly id: string;
      /** @description It was held */
      readonly isHeld: boolean;
      readonly minutes: number | null;
      readonly notes: string;
      /** Format: date */
      readonly onDate: string;
      readonly person: string;
      /** Format: uuid */
      readonly personId: string;
      readonly reason: string;
      readonly version: number;
    };
    readonly PlannedVisitChange: {
      /** @description Absent: as long as what is to be done takes */
      readonly minutes?: number;
      /** @default  */
      readonly notes?: string;
      /**
       * Format: date
       * @example 2026-06-09
       */
      readonly onDate: string;
      /** Format: uuid */
      readonly personId: string;
      /**
       * @description What it is for
       * @default
       */
      readonly reason?: string;
      /** @example 1 */
      readonly version: number;
    };
    readonly PlanReason: {
      /** @enum {string} */
      readonly code: 'hours' | 'programs' | 'starts' | 'days' | 'piece';
      readonly message: string;
      readonly station: number | null;
    };
    readonly PlayedFields: {
      /**
       * @description How many faults a free case has
       * @enum {number}
       */
      readonly difficulty: 1 | 2 | 3;
      /**
       * @description The code of a lesson; null: a free case
       * @example percentage
       */
      readonly lesson: string | null;
      readonly seed: number;
    };
    readonly PracticeAnswer: {
      /**
       * @description What its clock shows
       * @example 2026-06-01T08:00:00
       */
      readonly clock: string;
      readonly front: components['schemas']['FrontAnswer'];
      readonly hasBackup: boolean;
      readonly hasBattery: boolean;
      readonly hasPower: boolean;
      readonly isOff: boolean;
      readonly isSensorBypassed: boolean;
      readonly isSensorWet: boolean;
      /** @description Stations under power, opening or not */
      readonly lit: readonly number[];
      /** @description What waters in the yard */
      readonly open: readonly components['schemas']['OpenStation'][];
      readonly playing: components['schemas']['PlayedFields'];
      readonly programsAmiss: readonly string[];
      readonly rainDelayUntil: string | null;
      readonly shorted: readonly number[];
      readonly speed: number;
      /** @example 2026-06-01T08:00:00 */
      readonly trueTime: string;
    };
    readonly PracticeResult: {
      /** @enum {number} */
      readonly difficulty: 1 | 2 | 3;
      /** @description Of those that were put right */
      readonly fewestPresses: number | null;
      /** Format: date-time */
      readonly lastAt: string;
      /** @description Null: free cases */
      readonly lesson: string | null;
      /** @description How often it was played and judged */
      readonly played: number;
      /** @description How often it was put right */
      readonly right: number;
      /** @description How often it was right when it was judged first */
      readonly rightAtOnce: number;
      /** @description Of those that were put right */
      readonly shortestSeconds: number | null;
    };
    readonly PreferencesChange: {
      /** @enum {string} */
      readonly clock: '24' | '12';
    };
    readonly ProgressCounts: {
      /** @description The household says that it did it */
      readonly household: number;
      /** @description Keyed in, or so we say, and not read back */
      readonly keyedIn: number;
      /** @description A message was opened; nobody sees whether it was sent */
      readonly messaged: number;
      /** @description A visit is planned */
      readonly planned: number;
      readonly putOff: number;
      /** @description Keyed in, and read off the timer again */
      readonly readBack: number;
      readonly toDo: number;
    };
    readonly PropertyAnswer: {
      readonly address: string;
      readonly archived: boolean;
      readonly contactEmail: string;
      readonly contactName: string;
      readonly contactPhone: string;
      /** @enum {string|null} */
      readonly frost: 'none' | 'light' | 'hard' | null;
      readonly gateNotes: string;
      /** Format: uuid */
      readonly id: string;
      readonly isDryBeforeMowing: boolean;
      /** @enum {string} */
      readonly language: 'en' | 'es';
      readonly latitude: number | null;
      readonly longitude: number | null;
      readonly mowingWeekdays: readonly number[];
      readonly name: string;
      readonly ruleSetId: string | null;
      /** @description Steps of its setting up that are left out for now; null: nobody is led through it */
      readonly setUpSkipped:
        | readonly (
            | 'home'
            | 'timer'
            | 'as-found'
            | 'stations'
            | 'supply'
            | 'rules'
            | 'weather'
            | 'plan'
            | 'sheet'
          )[]
        | null;
      readonly supplyKpa: number | null;
      readonly supplyLpm: number | null;
      /** @enum {string|null} */
      readonly supplySource: 'mains' | 'bore' | 'tank' | 'pond' | 'reclaimed' | null;
      readonly timeZone: string | null;
      readonly town: string;
      readonly version: number;
      readonly waterPrice: number | null;
      readonly weatherId: string | null;
    };
    readonly PropertyChange: {
      /**
       * @default
       * @example 3 Alder Row
       */
      readonly address?: string;
      /** @default  */
      readonly contactEmail?: string;
      /** @default  */
      readonly contactName?: string;
      /** @default  */
      readonly contactPhone?: string;
      /**
       * @description How hard it freezes there
       * @enum {string}
       */
      readonly frost?: 'none' | 'light' | 'hard';
      /**
       * @description How one gets in
       * @default
       */
      readonly gateNotes?: string;
      /**
       * @description The day before each of them is kept dry too
       * @default false
       */
      readonly isDryBeforeMowing?: boolean;
      /**
       * @description What the household reads
       * @default en
       * @enum {string}
       */
      readonly language?: 'en' | 'es';
      /** @example 40.21 */
      readonly latitude?: number;
      /** @example -107.36 */
      readonly longitude?: number;
      /**
       * @description Monday = 1
       * @default []
       */
      readonly mowingWeekdays?: readonly number[];
      /** @example Plum cottage */
      readonly name: string;
      /**
       * Format: uuid
       * @description Absent: nobody knows the rules here
       */
      readonly ruleSetId?: string;
      /** @description Kilopascal */
      readonly supplyKpa?: number;
      /** @description Litres a minute */
      readonly supplyLpm?: number;
      /** @enum {string} */
      readonly supplySource?: 'mains' | 'bore' | 'tank' | 'pond' | 'reclaimed';
      /** @example America/Denver */
      readonly timeZone?: string;
      /**
       * @default
       * @example Quillhaven
       */
      readonly town?: string;
      /** @example 1 */
      readonly version: number;
      /** @description Of a cubic metre of water, in the firm's currency */
      readonly waterPrice?: number;
      /**
       * Format: uuid
       * @description Absent: no weather is known here
       */
      readonly weatherId?: string;
    };
    readonly PropertyErasure: {
      /**
       * @description What was noted of changes, which is emptied
       * @example 41
       */
      readonly changes: number;
      /** @example 14 */
      readonly copies: number;
      /**
       * @description Links that lead to a sheet today
       * @example 1
       */
      readonly links: number;
      /** @example 8 */
      readonly sheets: number;
      /** @example 2 */
      readonly timers: number;
      /** @example 9 */
      readonly visits: number;
    };
    readonly PropertyFile: import('@water-clock/core/property-file').PropertyFile;
    readonly PropertyFileFields: {
      readonly document: components['schemas']['PropertyFile'];
    };
    readonly PropertyListing: {
      readonly address: string;
      readonly archived: boolean;
      readonly contactName: string;
      /** Format: uuid */
      readonly id: string;
      readonly name: string;
      readonly timers: readonly components['schemas']['TimerOfProperty'][];
      readonly town: string;
    };
    readonly PropertyPage: {
      readonly pageSize: number;
      /** @description Of so many timers it is not known yet whether they are so: ask again in a moment */
      readonly pending: number;
      readonly rows: readonly components['schemas']['PropertyListing'][];
      readonly total: number;
    };
    readonly PutOffUntil: {
      readonly reason: string;
      /** Format: date */
      readonly until: string;
    };
    readonly RecoveryCodesAnswer: {
      /** @description Each is good once; told now and never again */
      readonly codes: readonly string[];
    };
    readonly RefusedTimer: {
      /** Format: uuid */
      readonly timerId: string;
      /** @enum {string} */
      readonly why: 'changed' | 'keyed-in' | 'nothing';
    };
    readonly ResultsOfPerson: {
      /** Format: uuid */
      readonly id: string;
      readonly name: string;
      readonly results: readonly components['schemas']['PracticeResult'][];
    };
    readonly RolloutAnswer: {
      /** @description How many can be accepted and were not */
      readonly acceptable: number;
      readonly accepted: number;
      readonly change: components['schemas']['HomesChange'];
      /** Format: date-time */
      readonly closedAt: string | null;
      /** Format: date-time */
      readonly createdAt: string;
      /** @description For how many of them a fix was looked for */
      readonly fixed: number;
      /** Format: date */
      readonly from: string;
      /** Format: uuid */
      readonly id: string;
      /** Format: date-time */
      readonly inForceAt: string | null;
      /** @description The name of who tried it */
      readonly madeBy: string;
      readonly name: string;
      /** @description How many timers it may touch */
      readonly of: number;
      /** Format: date */
      readonly on: string;
      readonly outcomes: components['schemas']['OutcomeCounts'];
      /** @description Of so many accepted ones it is still being worked out: ask again in a moment */
      readonly pending: number;
      readonly progress: components['schemas']['ProgressCounts'];
      /** @enum {string} */
      readonly state: 'working' | 'stopped' | 'ready';
      /** @description How many have something broken that is to be fixed */
      readonly toFix: number;
      /** @description How many of them are tried */
      readonly tried: number;
    };
    readonly RolloutClosing: {
      readonly isClosed: boolean;
    };
    readonly RolloutListing: {
      /** @description How many can be accepted and were not */
      readonly acceptable: number;
      readonly accepted: number;
      readonly change: components['schemas']['HomesChange'];
      /** Format: date-time */
      readonly closedAt: string | null;
      /** Format: date-time */
      readonly createdAt: string;
      /** @description For how many of them a fix was looked for */
      readonly fixed: number;
      /** Format: date */
      readonly from: string;
      /** Format: uuid */
      readonly id: string;
      /** Format: date-time */
      readonly inForceAt: string | null;
      /** @description The name of who tried it */
      readonly madeBy: string;
      readonly name: string;
      /** @description How many timers it may touch */
      readonly of: number;
      /** Format: date */
      readonly on: string;
      readonly outcomes: components['schemas']['OutcomeCounts'];
      /** @enum {string} */
      readonly state: 'working' | 'stopped' | 'ready';
      /** @description How many have something broken that is to be fixed */
      readonly toFix: number;
      /** @description How many of them are tried */
      readonly tried: number;
    };
    readonly RoundAnswer: {
      /** @description How many timers there are */
      readonly of: number;
      /** @description Of so many it is still being worked out: ask again in a moment */
      readonly pending: number;
      /** @description Those that need something, or will soon */
      readonly timers: readonly components['schemas']['TimerToDo'][];
      /** @description In the order in which they are driven */
      readonly visits: readonly components['schemas']['VisitToday'][];
    };
    readonly RuleSet: import('@water-clock/core/local-rules').RuleSet;
    readonly RuleSetAnswer: {
      readonly document: components['schemas']['RuleSet'];
      /** Format: uuid */
      readonly id: string;
      /** @description How many properties go by it */
      readonly properties: number;
      readonly version: number;
    };
    readonly RuleSetChange: {
      readonly document: components['schemas']['RuleSet'];
      /**
       * @description The version that the change was made from
       * @example 1
       */
      readonly version: number;
    };
    readonly RuleSetFields: {
      readonly document: components['schemas']['RuleSet'];
    };
    readonly SecondFactorFields: {
      /**
       * @description What the authenticator shows
       * @example 123456
       */
      readonly code: string;
    };
    readonly SecretAnswer: {
      /** @description To be read as a picture */
      readonly link: string;
      /** @description To be typed in, base32 */
      readonly secret: string;
    };
    readonly SessionAnswer: {
      readonly firm: components['schemas']['FirmAnswer'];
      /** @description All that the account may work for */
      readonly firms: readonly components['schemas']['FirmOfPerson'][];
      /** @description The firm wants an authenticator: nothing else is open before */
      readonly lacksSecondFactor: boolean;
      readonly person: components['schemas']['PersonAnswer'];
    };
    readonly SessionListing: {
      /** @description What the browser says that it is */
      readonly agent: string;
      readonly firm: string;
      /** Format: uuid */
      readonly id: string;
      /** @description The one that this is asked in */
      readonly isThis: boolean;
      /** Format: date-time */
      readonly openedAt: string;
      /** Format: date-time */
      readonly seenAt: string;
    };
    readonly SettingsAnswer: {
      /** @description With the rules that hold at the property on the date asked for */
      readonly document: components['schemas']['Plan'];
      /** Format: date-time */
      readonly savedAt: string;
      /** @description Who saved it; empty where nobody is known */
      readonly savedBy: string;
      /** Format: uuid */
      readonly timerId: string;
      readonly version: number;
    };
    readonly SettingsChange: {
      readonly document: components['schemas']['Plan'];
      /**
       * @description A name for the copy
       * @default
       */
      readonly name?: string;
      /**
       * @description The version that the change was made from
       * @example 1
       */
      readonly version: number;
    };
    readonly SetUpChange: {
      /** @description Whether somebody is led through it */
      readonly isLed: boolean;
      /**
       * @description Steps that are left out for now
       * @default []
       */
      readonly skipped?: readonly (
        | 'home'
        | 'timer'
        | 'as-found'
        | 'stations'
        | 'supply'
        | 'rules'
        | 'weather'
        | 'plan'
        | 'sheet'
      )[];
    };
    readonly SetupFields: {
      /** @description Printed where the installation was started */
      readonly code: string;
      /** @example ines@quillhaven.example */
      readonly email: string;
      /** @example Quillhaven Sprinkler Care */
      readonly firm: string;
      /** @example Ines Okafor */
      readonly name: string;
      readonly password: string;
    };
    readonly SharedPhoto: {
      readonly document: components['schemas']['PhotoFacts'];
      /** @description In pixels */
      readonly height: number;
      /** Format: uuid */
      readonly id: string;
      /** Format: date-time */
      readonly takenAt: string;
      /** @description In pixels */
      readonly width: number;
    };
    readonly SharedSheet: {
      readonly document: components['schemas']['Sheet'];
      /** @description Of a made-up home, for looking around */
      readonly isDemo: boolean;
      /** @description Those that were chosen for the link */
      readonly photos: readonly components['schemas']['SharedPhoto'][];
    };
    readonly Sheet: import('@water-clock/core/sheets').Sheet;
    readonly SheetAnswer: {
      readonly document: components['schemas']['Sheet'];
      /** Format: uuid */
      readonly id: string;
      /** @description Those that still lead to it */
      readonly links: readonly components['schemas']['LinkListing'][];
      /** Format: date-time */
      readonly madeAt: string;
      readonly person: string;
    };
    readonly SheetFields: {
      readonly document: components['schemas']['Sheet'];
      /**
       * Format: uuid
       * @description Made by the device; sent twice it counts once
       */
      readonly id?: string;
    };
    readonly SheetListing: {
      /** Format: uuid */
      readonly id: string;
      /** @description Those that still lead to it */
      readonly links: readonly components['schemas']['LinkListing'][];
      /** Format: date-time */
      readonly madeAt: string;
      readonly person: string;
    };
    readonly SignInFields: {
      /** @description Of an authenticator, or a recovery code, where one is asked for */
      readonly code?: string;
      /** @example ines@quillhaven.example */
      readonly email: string;
      readonly password: string;
    };
    readonly SimulatedTimer: {
      /** @description What its clock shows */
      readonly clock: string;
      readonly home: string;
      /**
       * Format: uuid
       * @description Of the timer in whose place it hangs
       */
      readonly id: string;
      /** @description Stations under power */
      readonly lit: readonly number[];
      readonly name: string;
      readonly speed: number;
    };
    readonly SimulatedTimers: {
      /** @description The simulator answers */
      readonly isRunning: boolean;
      readonly timers: readonly components['schemas']['SimulatedTimer'][];
    };
    readonly SimulatorAnswer: {
      /**
       * @description What its clock shows
       * @example 2026-06-01T08:00:00
       */
      readonly clock: string;
      readonly faults: {
        readonly [key: string]: string;
      };
      readonly flowLpm: number;
      readonly front: components['schemas']['FrontAnswer'];
      /** @description It keeps a copy of its own */
      readonly hasBackup: boolean;
      readonly hasBattery: boolean;
      readonly hasPower: boolean;
      readonly isFreezing: boolean;
      readonly isOff: boolean;
      readonly isSensorBypassed: boolean;
      readonly isSensorWet: boolean;
      /** @description By how much more flows at a station, as a share of its flow */
      readonly leaks: {
        readonly [key: string]: number;
      };
      /** @description Stations under power, opening or not */
      readonly lit: readonly number[];
      /** @description What waters, whether it is to or not */
      readonly open: readonly components['schemas']['OpenStation'][];
      /** @description Programs that are set only in part */
      readonly programsAmiss: readonly string[];
      readonly rainDelayUntil: string | null;
      /** @description Stations whose short it has met */
      readonly shorted: readonly number[];
      /** @description How many seconds of it go by in one */
      readonly speed: number;
      /** @description In the last 24 hours of its clock */
      readonly watered: readonly components['schemas']['FlowAnswer'][];
    };
    readonly SimulatorSettings: {
      readonly document: components['schemas']['Plan'];
      /** @description How its kind asks; absent: as most do */
      readonly handling?: components['schemas']['TimerHandling'];
      /**
       * @description What its clock shows at first
       * @example 2026-06-01T08:00:00
       */
      readonly reads: string;
    };
    readonly Spans: import('@water-clock/core/dues').Spans;
    readonly SpansFields: {
      readonly document: components['schemas']['Spans'];
    };
    readonly Standing: import('@water-clock/core/standing').Standing;
    readonly StationsOfVisit: {
      /** Format: date-time */
      readonly startedAt: string;
      /** @description Of each station what was said last */
      readonly stations: readonly components['schemas']['EntryAnswer'][];
      /** Format: uuid */
      readonly visitId: string;
    };
    readonly StrengthAnswer: {
      /** @description 0 and 1: among those that are guessed first; 4: out of reach */
      readonly strength: number;
    };
    readonly StrengthFields: {
      readonly password: string;
    };
    readonly Telling: import('@water-clock/core/tellings').Telling;
    readonly TellingAnswer: {
      /** @description The likeliest first */
      readonly causes: readonly components['schemas']['LikelyCauseAnswer'][];
      /** Format: date-time */
      readonly closedAt: string | null;
      readonly closedBy: string;
      readonly document: components['schemas']['Telling'];
      readonly home: string;
      /** Format: uuid */
      readonly id: string;
      /** Format: uuid */
      readonly propertyId: string;
      readonly timer: string;
      /** Format: uuid */
      readonly timerId: string;
      /** Format: date-time */
      readonly toldAt: string;
    };
    readonly TellingChange: {
      /** @description Somebody has seen to it */
      readonly isClosed: boolean;
    };
    readonly TellingFields: {
      readonly document: components['schemas']['Telling'];
    };
    readonly TimerAnswer: {
      /** @description How timers of its type are used */
      readonly handling: components['schemas']['TimerHandling'];
      /** @description Null: nobody has looked */
      readonly hasOwnBackup: boolean | null;
      /** Format: uuid */
      readonly id: string;
      readonly name: string;
      readonly property: components['schemas']['PropertyAnswer'];
      readonly timerTypeId: string | null;
    };
    readonly TimerBroughtIn: {
      /**
       * Format: uuid
       * @description Its id in the file
       */
      readonly inFile: string;
      /** Format: uuid */
      readonly timerId: string;
    };
    readonly TimerCapability: import('@water-clock/core/timer-types').TimerCapability;
    readonly TimerChange: {
      /** @description The timer holds a backup of its own */
      readonly hasOwnBackup?: boolean;
      readonly name?: string;
    };
    readonly TimerFields: {
      readonly document: components['schemas']['Plan'];
      /**
       * @description A type that comes with the product: it becomes one of the firm, where it is none
       * @example wall-6
       */
      readonly like?: string;
      /** @example Garage timer */
      readonly name: string;
      /**
       * Format: uuid
       * @description One of the firm's own timer types
       */
      readonly timerTypeId?: string;
    };
    readonly TimerHandling: import('@water-clock/core/timer-types').TimerHandling;
    readonly TimerOfProperty: {
      /** Format: uuid */
      readonly id: string;
      readonly name: string;
      /** @description Null while it is being worked out: ask again in a moment */
      readonly standing: components['schemas']['Standing'] | null;
      readonly stations: number;
      readonly timerType: string | null;
    };
    readonly TimerOfRollout: {
      /** Format: date-time */
      readonly acceptedAt: string | null;
      readonly breaks: readonly components['schemas']['Break'][];
      /** @description Null: nothing is due */
      readonly due: components['schemas']['Due'] | null;
      /** @description Null: nothing is to be fixed, or it is not worked out yet */
      readonly fix: components['schemas']['Fix'] | null;
      readonly home: components['schemas']['HomeOfVisit'];
      /** Format: uuid */
      readonly id: string;
      /** @description There is something to accept, and it leaves nothing wrong */
      readonly isAcceptable: boolean;
      /** @description What the household reads */
      readonly language: string;
      readonly name: string;
      /**
       * @description Null: not tried yet
       * @enum {string|null}
       */
      readonly outcome: 'untouched' | 'well' | 'breaks' | 'was-broken' | 'too-much' | null;
      /**
       * Format: date
       * @description The next visit
       */
      readonly plannedOn: string | null;
      /**
       * @description Null: not accepted, or still being worked out
       * @enum {string|null}
       */
      readonly progress:
        | 'read-back'
        | 'keyed-in'
        | 'household'
        | 'messaged'
        | 'put-off'
        | 'planned'
        | 'to-do'
        | null;
      readonly putOff: components['schemas']['PutOffUntil'] | null;
      readonly stations: number;
      /** @description How many values are to be keyed in */
      readonly values: number;
    };
    readonly TimersOfChange: {
      readonly timerIds: readonly string[];
    };
    readonly TimersOfRollout: {
      readonly timers: readonly components['schemas']['TimerOfRollout'][];
      readonly total: number;
    };
    readonly TimerToDo: {
      readonly home: components['schemas']['HomeOfVisit'];
      /** Format: uuid */
      readonly id: string;
      /** @description What the household reads */
      readonly language: string;
      readonly name: string;
      /**
       * Format: date
       * @description The next visit there
       */
      readonly plannedOn: string | null;
      readonly standing: components['schemas']['Standing'];
      readonly stations: number;
    };
    readonly TimerTypeAnswer: {
      readonly capability: components['schemas']['TimerCapability'];
      readonly handling: components['schemas']['TimerHandling'];
      /** Format: uuid */
      readonly id: string;
      readonly name: string;
      readonly summary: string;
      /** @description How many timers are of this timerType */
      readonly timers: number;
      readonly version: number;
    };
    readonly TimerTypeBreak: {
      /** @description What would be wrong then, in words */
      readonly findings: readonly string[];
      /** @description Programs in use that it would lose */
      readonly programsLost: readonly string[];
      readonly property: string;
      readonly timer: string;
      /** Format: uuid */
      readonly timerId: string;
    };
    readonly TimerTypeChange: {
      readonly capability: components['schemas']['TimerCapability'];
      /** @description How it is used; absent: as most are */
      readonly handling?: components['schemas']['TimerHandling'];
      /** @example Wall timer, 12 stations */
      readonly name: string;
      /** @default  */
      readonly summary?: string;
      /** @example 1 */
      readonly version: number;
    };
    readonly TimerTypeFields: {
      readonly capability: components['schemas']['TimerCapability'];
      /** @description How it is used; absent: as most are */
      readonly handling?: components['schemas']['TimerHandling'];
      /** @example Wall timer, 12 stations */
      readonly name: string;
      /** @default  */
      readonly summary?: string;
    };
    readonly TimerTypePreviewFields: {
      readonly capability: components['schemas']['TimerCapability'];
      /**
       * Format: date
       * @example 2026-06-01
       */
      readonly from: string;
    };
    /** @enum {string} */
    readonly UnitResult: 'fine' | 'open' | 'short' | 'silent';
    readonly UnitTestAnswer: {
      /** @description What it drew */
      readonly milliamps: number | null;
      readonly result: components['schemas']['UnitResult'];
    };
    readonly VisitAnswer: {
      /** Format: date-time */
      readonly endedAt: string | null;
      readonly endedBy: string;
      readonly entries: readonly components['schemas']['EntryAnswer'][];
      /** Format: uuid */
      readonly id: string;
      /** Format: date-time */
      readonly startedAt: string;
      readonly startedBy: string;
      /** Format: uuid */
      readonly timerId: string;
    };
    readonly VisitChange: {
      readonly isEnded: boolean;
    };
    readonly VisitEntry: import('@water-clock/core/visits').VisitEntry;
    readonly VisitFields: {
      /** Format: uuid */
      readonly id?: string;
      /**
       * Format: date
       * @description The date of whoever begins it, by which visits are planned; absent: of the home
       */
      readonly onDate?: string;
      /** Format: date-time */
      readonly startedAt?: string;
    };
    readonly VisitListing: {
      /** Format: date-time */
      readonly endedAt: string | null;
      readonly endedBy: string;
      /** Format: uuid */
      readonly id: string;
      /** Format: date-time */
      readonly startedAt: string;
      readonly startedBy: string;
      /** Format: uuid */
      readonly timerId: string;
    };
    readonly VisitToday: {
      readonly home: components['schemas']['HomeOfVisit'];
      /** Format: uuid */
      readonly id: string;
      /** @description It was held */
      readonly isHeld: boolean;
      readonly minutes: number | null;
      readonly notes: string;
      /** Format: date */
      readonly onDate: string;
      readonly person: string;
      /** Format: uuid */
      readonly personId: string;
      readonly reason: string;
      readonly timers: readonly components['schemas']['TimerOfProperty'][];
      readonly version: number;
    };
    readonly WeatherAnswer: {
      readonly document: components['schemas']['WeatherFile'];
      /** Format: uuid */
      readonly id: string;
      readonly version: number;
    };
    readonly WeatherChange: {
      readonly document: components['schemas']['WeatherFile'];
      /**
       * @description The version that the change was made from
       * @example 1
       */
      readonly version: number;
    };
    readonly WeatherFields: {
      readonly document: components['schemas']['WeatherFile'];
    };
    readonly WeatherFile: import('@water-clock/core/weather').WeatherFile;
    readonly WeatherListing: {
      /** @description How many days were read */
      readonly days: number;
      /** @description First day that was read */
      readonly from: string | null;
      /** Format: uuid */
      readonly id: string;
      /** @enum {string} */
      readonly kind: 'daily' | 'simulated' | 'monthly';
      readonly name: string;
      /** @description How many properties go by it */
      readonly properties: number;
      /** @description Last day that was read */
      readonly to: string | null;
      readonly towns: readonly string[];
    };
    readonly WelcomeAnswer: {
      /** @description Empty unless the demo data is loaded */
      readonly demoPeople: readonly components['schemas']['DemoPerson'][];
      /** @description There is nobody yet: the first firm must be set up */
      readonly needsSetup: boolean;
    };
    readonly WrittenMailAnswer: {
      readonly subject: string;
      readonly text: string;
      readonly to: string;
      /** Format: date-time */
      readonly writtenAt: string;
    };
    readonly Yard: import('@water-clock/core/yards').Yard;
    readonly YardAnswer: {
      readonly document: components['schemas']['Yard'];
      /** Format: date-time */
      readonly savedAt: string;
      readonly savedBy: string;
      /** Format: uuid */
      readonly timerId: string;
      readonly version: number;
    };
    readonly YardChange: {
      readonly document: components['schemas']['Yard'];
      /**
       * @description The version that the change was made from
       * @example 1
       */
      readonly version: number;
    };
  };
  responses: never;
  parameters: never;
  requestBodies: never;
  headers: never;
  pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
  readonly accountAccount: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['AccountAnswer'];
        };
      };
    };
  };
  readonly accountChangePassword: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PasswordChange'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly accountConfirmSecondFactor: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['SecondFactorFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RecoveryCodesAnswer'];
        };
      };
    };
  };
  readonly accountBeginSecondFactor: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PasswordAsked'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SecretAnswer'];
        };
      };
    };
  };
  readonly accountRemoveSecondFactor: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PasswordAsked'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly accountEndOtherSessions: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PasswordAsked'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly accountEndSession: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly sessionId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PasswordAsked'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly roundLink: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      /** @description None, or one */
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['CalendarLinkAnswer'][];
        };
      };
    };
  };
  readonly roundRenewLink: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['NewCalendarLinkAnswer'];
        };
      };
    };
  };
  readonly roundWithdrawLink: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly roundCalendar: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly token: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'text/calendar': string;
        };
      };
    };
  };
  readonly changesPage: {
    readonly parameters: {
      readonly query?: {
        /** @description Older than this change: the next page */
        readonly before?: number;
        readonly kind?:
          | 'firm'
          | 'person'
          | 'property'
          | 'timer'
          | 'settings'
          | 'yard'
          | 'copy'
          | 'visit'
          | 'job'
          | 'sheet'
          | 'link'
          | 'rules'
          | 'weather'
          | 'timer type'
          | 'planned visit'
          | 'due'
          | 'calendar link'
          | 'rollout'
          | 'photo'
          | 'telling';
        /** @description By one person only */
        readonly personId?: string;
        /** @description Of one property only */
        readonly propertyId?: string;
      };
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['ChangesPage'];
        };
      };
    };
  };
  readonly changesCsv: {
    readonly parameters: {
      readonly query?: {
        /** @description Older than this change: the next page */
        readonly before?: number;
        readonly kind?:
          | 'firm'
          | 'person'
          | 'property'
          | 'timer'
          | 'settings'
          | 'yard'
          | 'copy'
          | 'visit'
          | 'job'
          | 'sheet'
          | 'link'
          | 'rules'
          | 'weather'
          | 'timer type'
          | 'planned visit'
          | 'due'
          | 'calendar link'
          | 'rollout'
          | 'photo'
          | 'telling';
        /** @description By one person only */
        readonly personId?: string;
        /** @description Of one property only */
        readonly propertyId?: string;
      };
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'text/csv': string;
        };
      };
    };
  };
  readonly copiesOne: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly copyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['CopyAnswer'];
        };
      };
    };
  };
  readonly copiesChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly copyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['CopyChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['CopyAnswer'];
        };
      };
    };
  };
  readonly roundWithdrawAnswer: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly answerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly peopleChangeFirm: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['FirmChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['FirmAnswer'];
        };
      };
    };
  };
  readonly firmArchiveArchive: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/gzip': string;
        };
      };
    };
  };
  readonly peopleSetCoilLimits: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['CoilLimitsFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['FirmAnswer'];
        };
      };
    };
  };
  readonly peopleSetCustomary: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['CustomaryFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['FirmAnswer'];
        };
      };
    };
  };
  readonly retentionOf: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['KeepingFields'];
        };
      };
    };
  };
  readonly retentionSet: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['KeepingFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['KeepingFields'];
        };
      };
    };
  };
  readonly photosRoom: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PhotoRoom'];
        };
      };
    };
  };
  readonly peopleSetSpans: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['SpansFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['FirmAnswer'];
        };
      };
    };
  };
  readonly erasureFormerPeople: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['FormerPerson'][];
        };
      };
    };
  };
  readonly erasureErasePerson: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly personId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['ErasureFields'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly healthHealth: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['HealthAnswer'];
        };
      };
    };
  };
  readonly visitsAllJobs: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['JobOfFirm'][];
        };
      };
    };
  };
  readonly visitsChangeJob: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly jobId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['JobChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['JobAnswer'];
        };
      };
    };
  };
  readonly visitsChangeWork: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly jobId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['JobWork'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['JobOfFirm'];
        };
      };
    };
  };
  readonly sheetsWithdraw: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly linkId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly peopleOutbox: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['WrittenMailAnswer'][];
        };
      };
    };
  };
  readonly peopleList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['PersonAnswer'][];
        };
      };
    };
  };
  readonly peopleInvite: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['InviteFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['AccountLinkAnswer'];
        };
      };
    };
  };
  readonly peopleRemove: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly personId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly peopleChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly personId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PersonChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PersonAnswer'];
        };
      };
    };
  };
  readonly peopleLink: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly personId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['AccountLinkAnswer'];
        };
      };
    };
  };
  readonly peopleForgetSecondFactor: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly personId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly photosChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly photoId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PhotoChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PhotoAnswer'];
        };
      };
    };
  };
  readonly photosRemove: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly photoId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly photosPicture: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly photoId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'image/jpeg': string;
          readonly 'image/webp': string;
        };
      };
    };
  };
  readonly photosSmall: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly photoId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'image/jpeg': string;
          readonly 'image/webp': string;
        };
      };
    };
  };
  readonly roundList: {
    readonly parameters: {
      readonly query: {
        readonly from: string;
        readonly to: string;
        readonly whose?: 'mine' | 'firm';
      };
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['PlannedVisitAnswer'][];
        };
      };
    };
  };
  readonly roundAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['NewPlannedVisit'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PlannedVisitAnswer'];
        };
      };
    };
  };
  readonly roundRemove: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly plannedVisitId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly roundChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly plannedVisitId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PlannedVisitChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PlannedVisitAnswer'];
        };
      };
    };
  };
  readonly roundOrder: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['DayOrder'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly planningPlan: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['BriefFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PlannedAnswer'];
        };
      };
    };
  };
  readonly practiceState: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PracticeAnswer'];
        };
      };
    };
  };
  readonly practiceBegin: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PlayedFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PracticeAnswer'];
        };
      };
    };
  };
  readonly practiceCommand: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': {
          readonly command: string;
        } & {
          readonly [key: string]: unknown;
        };
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PracticeAnswer'];
        };
      };
    };
  };
  readonly practiceJudge: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['JudgementAnswer'];
        };
      };
    };
  };
  readonly practiceReading: {
    readonly parameters: {
      readonly query: {
        readonly station: number;
      };
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['MeterAnswer'];
        };
      };
    };
  };
  readonly practiceResults: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['ResultsOfPerson'][];
        };
      };
    };
  };
  readonly practiceUnits: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['CableAnswer'];
        };
      };
    };
  };
  readonly propertiesFind: {
    readonly parameters: {
      readonly query: {
        /** @description Those that were archived */
        readonly archived?: 'yes' | 'no';
        /** @description With a timer at which it is due in four weeks */
        readonly due?:
          | 'season-step'
          | 'clock-change'
          | 'rule-change'
          | 'planned-change'
          | 'sensor-back'
          | 'hold-ends'
          | 'look'
          | 'battery'
          | 'sensor-test'
          | 'filter'
          | 'yearly-check'
          | 'backflow-test'
          | 'winter'
          | 'spring'
          | 'link-ends';
        /** @description What is true of timers on it, by their own calendars */
        readonly from: string;
        readonly page?: number;
        /** @description Where this person goes next, or was last */
        readonly personId?: string;
        /** @description Words that the property is found by; all of them */
        readonly q?: string;
        /** @description With a timer that needs somebody so */
        readonly reason?:
          | 'too-much'
          | 'error'
          | 'rule'
          | 'ahead'
          | 'visit-open'
          | 'percentage'
          | 'key-in'
          | 'confirm'
          | 'job'
          | 'hold';
        /** @description That go by this rule set */
        readonly ruleSetId?: string;
        readonly sort?: 'name' | 'town' | 'newest' | 'worst';
        /** @description With a timer of this type */
        readonly timerTypeId?: string;
      };
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PropertyPage'];
        };
      };
    };
  };
  readonly propertiesAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['NewProperty'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PropertyAnswer'];
        };
      };
    };
  };
  readonly propertiesOne: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PropertyAnswer'];
        };
      };
    };
  };
  readonly propertiesChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PropertyChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PropertyAnswer'];
        };
      };
    };
  };
  readonly propertiesSetArchived: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['ArchivedChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PropertyAnswer'];
        };
      };
    };
  };
  readonly erasureEraseContact: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly erasureOfProperty: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PropertyErasure'];
        };
      };
    };
  };
  readonly erasureEraseProperty: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['ErasureFields'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly historyEvents: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['HomeEvent'][];
        };
      };
    };
  };
  readonly propertyFilesExport: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PropertyFile'];
        };
      };
    };
  };
  readonly visitsJobsOf: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['JobAnswer'][];
        };
      };
    };
  };
  readonly photosLast: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['LastPhotos'];
        };
      };
    };
  };
  readonly photosList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['PhotoAnswer'][];
        };
      };
    };
  };
  readonly propertiesSetUp: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['SetUpChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PropertyAnswer'];
        };
      };
    };
  };
  readonly propertiesTimers: {
    readonly parameters: {
      readonly query: {
        /** @description What is true of timers on it, by their own calendars */
        readonly from: string;
      };
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['TimerOfProperty'][];
        };
      };
    };
  };
  readonly timersAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly propertyId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['TimerFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['TimerAnswer'];
        };
      };
    };
  };
  readonly propertyFilesImport: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PropertyFileFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['ImportAnswer'];
        };
      };
    };
  };
  readonly propertyFilesPreview: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PropertyFileFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['ImportAnswer'];
        };
      };
    };
  };
  readonly healthReady: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['HealthAnswer'];
        };
      };
    };
  };
  readonly rolloutsList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['RolloutListing'][];
        };
      };
    };
  };
  readonly rolloutsBegin: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['NewRollout'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RolloutAnswer'];
        };
      };
    };
  };
  readonly rolloutsOne: {
    readonly parameters: {
      readonly query: {
        /** @description The date of whoever asks */
        readonly on: string;
      };
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RolloutAnswer'];
        };
      };
    };
  };
  readonly rolloutsAccept: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['AcceptedTimers'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['DoneOfChange'];
        };
      };
    };
  };
  readonly rolloutsClose: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['RolloutClosing'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly rolloutsGoOn: {
    readonly parameters: {
      readonly query: {
        /** @description The date of whoever asks */
        readonly on: string;
      };
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RolloutAnswer'];
        };
      };
    };
  };
  readonly rolloutsPutInForce: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly rolloutsStop: {
    readonly parameters: {
      readonly query: {
        /** @description The date of whoever asks */
        readonly on: string;
      };
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RolloutAnswer'];
        };
      };
    };
  };
  readonly rolloutsTimers: {
    readonly parameters: {
      readonly query: {
        /** @description The date of whoever asks */
        readonly on: string;
        readonly skip?: number;
        readonly take?: number;
        /** @description Absent: all that it touches */
        readonly which?:
          'all' | 'accepted' | 'untouched' | 'well' | 'breaks' | 'was-broken' | 'too-much';
      };
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['TimersOfRollout'];
        };
      };
    };
  };
  readonly rolloutsCsv: {
    readonly parameters: {
      readonly query: {
        /** @description The date of whoever asks */
        readonly on: string;
      };
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'text/csv': string;
        };
      };
    };
  };
  readonly rolloutsLookLonger: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly rolloutsMessaged: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly rolloutsWithdraw: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly rolloutId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['TimersOfChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['DoneOfChange'];
        };
      };
    };
  };
  readonly roundOf: {
    readonly parameters: {
      readonly query: {
        /** @description The date of whoever asks */
        readonly on: string;
        /** @description Of oneself, or of the whole firm */
        readonly whose?: 'mine' | 'firm';
      };
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RoundAnswer'];
        };
      };
    };
  };
  readonly rulesList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['RuleSetAnswer'][];
        };
      };
    };
  };
  readonly rulesAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['RuleSetFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RuleSetAnswer'];
        };
      };
    };
  };
  readonly rulesChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly ruleSetId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['RuleSetChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RuleSetAnswer'];
        };
      };
    };
  };
  readonly rulesRemove: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly ruleSetId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly rulesBringBack: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly ruleSetId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['RuleSetAnswer'];
        };
      };
    };
  };
  readonly searchFind: {
    readonly parameters: {
      readonly query: {
        /** @description All of these words */
        readonly q: string;
      };
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['FoundList'];
        };
      };
    };
  };
  readonly peopleSession: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SessionAnswer'];
        };
      };
    };
  };
  readonly peopleSignIn: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['SignInFields'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly peopleSignOut: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly peopleSetPreferences: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PreferencesChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SessionAnswer'];
        };
      };
    };
  };
  readonly peopleSignInAsDemo: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['DemoSignInFields'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly peopleChangeOver: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['FirmChoice'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly accountHeld: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly token: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['LinkHeld'];
        };
      };
    };
  };
  readonly accountUse: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly token: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['LinkUse'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['LinkUsed'];
        };
      };
    };
  };
  readonly accountStrength: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['StrengthFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['StrengthAnswer'];
        };
      };
    };
  };
  readonly peopleSetUp: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['SetupFields'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly sheetsShared: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly token: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SharedSheet'];
        };
      };
    };
  };
  readonly sheetsSharedNow: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly token: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['HouseholdAnswer'];
        };
      };
    };
  };
  readonly sheetsSharedPhoto: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly photoId: string;
        readonly token: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'image/jpeg': string;
          readonly 'image/webp': string;
        };
      };
    };
  };
  readonly sheetsSharedPdf: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly token: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/pdf': string;
        };
      };
    };
  };
  readonly tellingsTell: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly token: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['TellingFields'];
      };
    };
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly sheetsOne: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly sheetId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SheetAnswer'];
        };
      };
    };
  };
  readonly sheetsShare: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly sheetId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['LinkFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['LinkAnswer'];
        };
      };
    };
  };
  readonly sheetsPdf: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly sheetId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/pdf': string;
        };
      };
    };
  };
  readonly simulatedTimersList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SimulatedTimers'];
        };
      };
    };
  };
  readonly tellingsOpen: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['TellingAnswer'][];
        };
      };
    };
  };
  readonly tellingsChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly tellingId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['TellingChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['TellingAnswer'];
        };
      };
    };
  };
  readonly timerTypesList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['TimerTypeAnswer'][];
        };
      };
    };
  };
  readonly timerTypesAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['TimerTypeFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['TimerTypeAnswer'];
        };
      };
    };
  };
  readonly timerTypesChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerTypeId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['TimerTypeChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['TimerTypeAnswer'];
        };
      };
    };
  };
  readonly timerTypesRemove: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerTypeId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly timerTypesBringBack: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerTypeId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['TimerTypeAnswer'];
        };
      };
    };
  };
  readonly timerTypesPreview: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerTypeId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['TimerTypePreviewFields'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['TimerTypeBreak'][];
        };
      };
    };
  };
  readonly timersOne: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['TimerAnswer'];
        };
      };
    };
  };
  readonly timersChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['TimerChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['TimerAnswer'];
        };
      };
    };
  };
  readonly copiesList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['CopyListing'][];
        };
      };
    };
  };
  readonly copiesAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['CopyFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['CopyAnswer'];
        };
      };
    };
  };
  readonly roundAnswer: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['DueAnswerFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['DueAnswerAnswer'];
        };
      };
    };
  };
  readonly timersHold: {
    readonly parameters: {
      readonly query: {
        readonly on: string;
      };
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['HoldsChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SettingsAnswer'];
        };
      };
    };
  };
  readonly photosAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['PhotoFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['PhotoAnswer'];
        };
      };
    };
  };
  readonly timersSettings: {
    readonly parameters: {
      readonly query: {
        readonly on: string;
      };
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SettingsAnswer'];
        };
      };
    };
  };
  readonly timersSaveSettings: {
    readonly parameters: {
      readonly query: {
        readonly on: string;
      };
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['SettingsChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SettingsAnswer'];
        };
      };
    };
  };
  readonly sheetsList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['SheetListing'][];
        };
      };
    };
  };
  readonly sheetsAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['SheetFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SheetAnswer'];
        };
      };
    };
  };
  readonly simulatorState: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SimulatorAnswer'];
        };
      };
    };
  };
  readonly simulatorHangUp: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['SimulatorSettings'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SimulatorAnswer'];
        };
      };
    };
  };
  readonly simulatorCommand: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': {
          readonly command: string;
        } & {
          readonly [key: string]: unknown;
        };
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['SimulatorAnswer'];
        };
      };
    };
  };
  readonly simulatorLog: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'text/csv': string;
        };
      };
    };
  };
  readonly simulatorReading: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly station: number;
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['MeterAnswer'];
        };
      };
    };
  };
  readonly simulatorUnits: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['CableAnswer'];
        };
      };
    };
  };
  readonly simulatorTestUnit: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly serial: string;
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['UnitTestAnswer'];
        };
      };
    };
  };
  readonly visitsStations: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['StationsOfVisit'][];
        };
      };
    };
  };
  readonly tellingsOfTimer: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['TellingAnswer'][];
        };
      };
    };
  };
  readonly visitsList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['VisitListing'][];
        };
      };
    };
  };
  readonly visitsBegin: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['VisitFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['VisitAnswer'];
        };
      };
    };
  };
  readonly timersYard: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['YardAnswer'];
        };
      };
    };
  };
  readonly timersSaveYard: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly timerId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['YardChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['YardAnswer'];
        };
      };
    };
  };
  readonly visitsOne: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly visitId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['VisitAnswer'];
        };
      };
    };
  };
  readonly visitsChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly visitId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['VisitChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['VisitAnswer'];
        };
      };
    };
  };
  readonly visitsAddEntry: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly visitId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['EntryFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['EntryAnswer'];
        };
      };
    };
  };
  readonly weatherList: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': readonly components['schemas']['WeatherListing'][];
        };
      };
    };
  };
  readonly weatherAdd: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['WeatherFields'];
      };
    };
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['WeatherAnswer'];
        };
      };
    };
  };
  readonly weatherOne: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly weatherId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['WeatherAnswer'];
        };
      };
    };
  };
  readonly weatherChange: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly weatherId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody: {
      readonly content: {
        readonly 'application/json': components['schemas']['WeatherChange'];
      };
    };
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['WeatherAnswer'];
        };
      };
    };
  };
  readonly weatherRemove: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly weatherId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 204: {
        headers: {
          readonly [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  readonly weatherBringBack: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path: {
        readonly weatherId: string;
      };
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 201: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['WeatherAnswer'];
        };
      };
    };
  };
  readonly peopleWelcome: {
    readonly parameters: {
      readonly query?: never;
      readonly header?: never;
      readonly path?: never;
      readonly cookie?: never;
    };
    readonly requestBody?: never;
    readonly responses: {
      readonly 200: {
        headers: {
          readonly [name: string]: unknown;
        };
        content: {
          readonly 'application/json': components['schemas']['WelcomeAnswer'];
        };
      };
    };
  };
}
