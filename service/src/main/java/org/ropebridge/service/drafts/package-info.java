/**
 * What authors do before askers see anything: drafts of models, rehearsals of them, publishing, and
 * going back.
 */
package org.ropebridge.service.drafts;
